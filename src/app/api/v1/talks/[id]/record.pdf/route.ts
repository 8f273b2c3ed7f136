import { pool } from '@/db/pool';
import { talkRecordById } from '@/db/queries/talk-records';
import { API } from '@/server/api/endpoints';
import { choiceAsked } from '@/server/asked';
import { documentId } from '@/server/documents';
import { drawTalkSheet } from '@/server/jobs/pool';
import { PAPER_IDS } from '@/server/papers';
import { talkSheetText } from '@/server/records/talks';
import { fileResponse, route } from '@/server/route';

export const GET = route(API.talkSheet, async ({ request, params, member }) => {
  const paper = choiceAsked(request, 'paper', PAPER_IDS);
  const record = await talkRecordById(pool(), member.crewId, documentId(params));
  const pdf = await drawTalkSheet({ sheet: talkSheetText(member, record), paper });
  return fileResponse(pdf, 'application/pdf', 'toolbox-talk.pdf');
});
