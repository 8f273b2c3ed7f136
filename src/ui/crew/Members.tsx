'use client';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import styled from 'styled-components';
import type { Role } from '@/db/queries/members';
import { ROLE_WORDS } from '@/wording/trail';
import { type Answer, call, messageOf } from '../api';
import { useMember } from '../frame/MemberContext';
import { ActionMenu } from '../kit/ActionMenu';
import { Button } from '../kit/Button';
import { Cluster, Stack } from '../kit/layout';
import { Select } from '../kit/Select';
import { Sheet } from '../kit/Sheet';
import { ErrorText, Small } from '../kit/text';
import { LinkSheet } from './LinkSheet';
import { type MemberLine, type OneTimeLink, ROLE_CHOICES } from './roles';

const Row = styled.li`
  display: grid;
  grid-template-columns: minmax(0, 1.2fr) minmax(0, 0.8fr) minmax(0, 1.4fr) 44px;
  gap: 10px;
  align-items: center;
  min-height: 52px;
  border-bottom: var(--w-hair) solid var(--line);
  overflow-wrap: anywhere;
  @media (max-width: 600px) {
    grid-template-columns: minmax(0, 1fr) 44px;
    padding: 8px 0;
    row-gap: 2px;
    & > * {
      grid-column: 1;
    }
    & > button {
      grid-column: 2;
      grid-row: 1 / span 3;
    }
  }
`;

type Asked = { readonly what: 'role' | 'remove'; readonly member: MemberLine };

function RoleSheet({
  member,
  send,
  onClose,
}: {
  member: MemberLine;
  send: (work: Promise<Answer<unknown>>) => Promise<string | null>;
  onClose: () => void;
}) {
  const [role, setRole] = useState<Role>(member.role);
  const [error, setError] = useState<string | null>(null);
  const save = async (): Promise<void> =>
    setError(await send(call('PUT /members/{id}', { params: { id: member.id }, body: { role } })));
  return (
    <Sheet title={`Role of ${member.name}`} open onClose={onClose}>
      <Stack>
        <Select label="Role" value={role} choices={ROLE_CHOICES} onChange={setRole} />
        {error ? <ErrorText role="alert">{error}</ErrorText> : null}
        <Cluster>
          <Button $kind="primary" onPress={() => void save()}>
            Change the role
          </Button>
        </Cluster>
      </Stack>
    </Sheet>
  );
}

function RemoveSheet({
  member,
  send,
  onClose,
}: {
  member: MemberLine;
  send: (work: Promise<Answer<unknown>>) => Promise<string | null>;
  onClose: () => void;
}) {
  const [error, setError] = useState<string | null>(null);
  const remove = async (): Promise<void> =>
    setError(await send(call('DELETE /members/{id}', { params: { id: member.id } })));
  return (
    <Sheet title={`Take ${member.name} out of the crew?`} open onClose={onClose}>
      <Stack>
        <p>
          They are signed out everywhere at once and cannot come back without a new link. What they
          planned and recorded stays, under their name.
        </p>
        {error ? <ErrorText role="alert">{error}</ErrorText> : null}
        <Cluster>
          <Button $kind="primary" onPress={() => void remove()}>
            Take out of the crew
          </Button>
          <Button onPress={onClose}>Leave as it is</Button>
        </Cluster>
      </Stack>
    </Sheet>
  );
}

/** The people of the crew; the lead changes roles, helps with passwords and removes. */
export function Members({ members }: { members: readonly MemberLine[] }) {
  const router = useRouter();
  const { viewer } = useMember();
  const [asked, setAsked] = useState<Asked | null>(null);
  const [reset, setReset] = useState<{ name: string; link: OneTimeLink } | null>(null);
  const [error, setError] = useState<string | null>(null);
  const send = async (work: Promise<Answer<unknown>>): Promise<string | null> => {
    const answer = await work;
    if (!answer.ok) return messageOf(answer.problem);
    setAsked(null);
    router.refresh();
    return null;
  };
  const makeReset = async ({ id, name }: MemberLine): Promise<void> => {
    const answer = await call('POST /members/{id}/link', { params: { id } });
    if (!answer.ok) return setError(messageOf(answer.problem));
    setError(null);
    setReset({ name, link: answer.value });
  };
  const close = (): void => setAsked(null);
  return (
    <section>
      <h2>Members</h2>
      {error ? <ErrorText role="alert">{error}</ErrorText> : null}
      <ul aria-label="Members">
        {members.map((m) => (
          <Row key={m.id}>
            <Stack $gap={2}>
              <b>{m.name}</b>
              <Small>signs in as {m.signInName}</Small>
            </Stack>
            <span>{ROLE_WORDS[m.role]}</span>
            <Small>{m.cautioned ? 'has read the cautions' : 'has not read the cautions yet'}</Small>
            {viewer.canChangeCrew ? (
              <ActionMenu
                label={`More about ${m.name}`}
                actions={[
                  {
                    id: 'role',
                    name: 'Change the role',
                    run: () => setAsked({ what: 'role', member: m }),
                  },
                  { id: 'link', name: 'Link for a new password', run: () => void makeReset(m) },
                  {
                    id: 'remove',
                    name: 'Take out of the crew',
                    run: () => setAsked({ what: 'remove', member: m }),
                  },
                ]}
              />
            ) : null}
          </Row>
        ))}
      </ul>
      {asked?.what === 'role' ? (
        <RoleSheet member={asked.member} send={send} onClose={close} />
      ) : null}
      {asked?.what === 'remove' ? (
        <RemoveSheet member={asked.member} send={send} onClose={close} />
      ) : null}
      {reset ? (
        <LinkSheet
          title={`A new password for ${reset.name}`}
          link={reset.link}
          onClose={() => setReset(null)}
        >
          Send it to them. Whoever opens it first sets the password; every session of theirs ends
          then.
        </LinkSheet>
      ) : null}
    </section>
  );
}
