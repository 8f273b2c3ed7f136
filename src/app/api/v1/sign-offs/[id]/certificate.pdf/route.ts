import { pool } from '@/db/pool';
import { signOffById } from '@/db/queries/sign-offs';
import { API } from '@/server/api/endpoints';
import { choiceAsked } from '@/server/asked';
import { documentId } from '@/server/documents';
import { drawCertificate } from '@/server/jobs/pool';
import { PAPER_IDS } from '@/server/papers';
import { certificateText } from '@/server/records/records';
import { fileResponse, route } from '@/server/route';
import { shown } from '@/server/training';

export const GET = route(API.certificate, async ({ request, params, member }) => {
  const paper = choiceAsked(request, 'paper', PAPER_IDS);
  const signed = shown(await signOffById(pool(), member.crewId, documentId(params)));
  const certificate = await certificateText(pool(), member, signed);
  const pdf = await drawCertificate({ certificate, paper });
  return fileResponse(pdf, 'application/pdf', 'certificate.pdf');
});
