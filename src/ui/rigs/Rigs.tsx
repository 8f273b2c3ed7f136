'use client';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import styled from 'styled-components';
import type { RigInputs } from '@/core/rigs/rig';
import { formatQuantity } from '@/core/units';
import type { RigPage } from '@/server/rigs';
import { useMember } from '../frame/MemberContext';
import { NumberField, QuantityField } from '../kit/fields';
import { Cluster, Stack } from '../kit/layout';
import { ScrollTable } from '../kit/ScrollTable';
import { SideLinks, SideRoom } from '../kit/SideRoom';
import { KnotPicture } from '../knots/KnotPicture';
import { RoomHead } from '../knots/RoomHead';
import { WorkingFigure } from '../working/WorkingFigure';
import { type OpenedWorking, WorkingSheet } from '../working/WorkingSheet';
import type { Working } from '@/core/working/working';

const Steps = styled.ol`
  display: grid;
  gap: 6px;
  & > li {
    display: grid;
    grid-template-columns: 26px minmax(0, 1fr);
  }
  & > li > b {
    font: 740 16px/1.45 var(--font-figure);
  }
`;
const Table = styled(ScrollTable)`
  max-height: none;
  & td:first-child svg {
    width: 56px;
    height: 56px;
    vertical-align: middle;
  }
  & td,
  & th {
    padding: 6px 10px 6px 0;
    vertical-align: middle;
  }
`;
const Inputs = styled(Cluster)`
  & > * {
    width: 158px;
  }
`;

const FIELDS: Record<keyof RigInputs, string> = {
  loadN: 'Weight of what hangs',
  count: 'How many',
  spanM: 'Span',
  sagM: 'Sag at the load',
  designFactor: 'Design factor',
};

/** The address with one figure changed. */
function place({ rig, inputs }: RigPage, change: Partial<RigInputs>): string {
  const all = { ...inputs, ...change };
  return `/knots/rigs?${new URLSearchParams({
    rig: rig.id,
    ...Object.fromEntries(rig.uses.map((key) => [key, String(all[key])])),
  }).toString()}`;
}

function Field({ page, name }: { page: RigPage; name: keyof RigInputs }) {
  const router = useRouter();
  const { units } = useMember();
  const change = (value: number | null): void => {
    if (value !== null) router.replace(place(page, { [name]: value }), { scroll: false });
  };
  const common = { label: FIELDS[name], value: page.inputs[name], onChange: change };
  if (name === 'loadN')
    return <QuantityField {...common} dimension="force" unit={units.force} least={1} />;
  if (name === 'spanM' || name === 'sagM')
    return <QuantityField {...common} dimension="length" unit={units.length} least={0.01} />;
  return <NumberField {...common} least={1} most={name === 'count' ? 50 : 20} />;
}

/** An arrangement of several knots: how it is made, what comes on each, and what its rope must bear. */
export function Rigs({ page }: { page: RigPage }) {
  const { units } = useMember();
  const [opened, setOpened] = useState<OpenedWorking | null>(null);
  const { rig } = page;
  const figure = (working: Working, title: string) => (
    <WorkingFigure
      working={working}
      text={formatQuantity(working.value ?? 0, 'force', units, 'demand')}
      title={title}
      rounding="demand"
      onOpen={setOpened}
    />
  );
  return (
    <>
      <RoomHead title="Rigs" />
      <SideRoom>
        <SideLinks aria-label="Rigs">
          {page.rigs.map((r) => (
            <li key={r.id}>
              <Link
                href={`/knots/rigs?rig=${r.id}`}
                prefetch={false}
                {...(r.id === rig.id ? { 'aria-current': 'true' } : {})}
              >
                {r.name}
              </Link>
            </li>
          ))}
        </SideLinks>
        <section aria-label={rig.name}>
          <Stack $gap={14}>
            <div>
              <h2>{rig.name}</h2>
              <p>
                {rig.purpose} <b>Not for:</b> {rig.notFor}
              </p>
            </div>
            <Steps>
              {rig.steps.map((s, i) => (
                <li key={s}>
                  <b aria-hidden>{i + 1}</b>
                  <span>{s}</span>
                </li>
              ))}
            </Steps>
            <Inputs key={rig.id}>
              {rig.uses.map((name) => (
                <Field key={name} page={page} name={name} />
              ))}
            </Inputs>
            <Table>
              <table>
                <thead>
                  <tr>
                    <th scope="col">knot</th>
                    <th scope="col">what it does here</th>
                    <th scope="col">comes on it</th>
                    <th scope="col">its rope must have</th>
                  </tr>
                </thead>
                <tbody>
                  {page.joints.map((j) => (
                    <tr key={j.what}>
                      <td>
                        <KnotPicture id={j.stage.entry} />{' '}
                        <Link
                          href={`/knots/${j.stage.entry}?form=${j.stage.form}`}
                          prefetch={false}
                        >
                          {j.knotName}
                        </Link>
                      </td>
                      <td>{j.what}</td>
                      <td>{figure(j.loadN, `On ${j.knotName}`)}</td>
                      <td>{figure(j.neededN, `Rope for ${j.knotName}`)}</td>
                    </tr>
                  ))}
                  {page.bearings.map((b) => (
                    <tr key={b.what}>
                      <td />
                      <td>{b.what}</td>
                      <td>{figure(b.loadN, `On ${b.what}`)}</td>
                      <td />
                    </tr>
                  ))}
                </tbody>
              </table>
            </Table>
            <p>
              Strength is the least of all schools, in polyester. A joint whose knot has no
              published value counts with 45 %.
            </p>
          </Stack>
        </section>
      </SideRoom>
      <WorkingSheet opened={opened} over={rig.name} onClose={() => setOpened(null)} />
    </>
  );
}
