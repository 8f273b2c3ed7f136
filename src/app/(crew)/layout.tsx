import type { ReactNode } from 'react';
import { may } from '@/server/permissions';
import { memberOrFirstPage, wantedTheme } from '@/server/page';
import { Frame } from '@/ui/frame/Frame';

export default async function CrewLayout({ children }: { children: ReactNode }) {
  const { id, name, signInName, crewName, role, units, cautioned } = await memberOrFirstPage();
  const viewer = {
    id,
    name,
    signInName,
    crewName,
    role,
    units,
    cautioned,
    canWrite: may(role, 'plan.write'),
    canDelete: may(role, 'plan.delete'),
    canChangeCrew: may(role, 'crew.change'),
    canSign: may(role, 'skill.sign'),
    canKeepGear: may(role, 'gear.write'),
    canRecordGear: may(role, 'gear.record'),
  };
  return (
    <Frame viewer={viewer} theme={await wantedTheme()} servedAt={new Date().getTime()}>
      {children}
    </Frame>
  );
}
