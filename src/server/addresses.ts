/** Where a plan is found by whoever reads its code: at `PUBLIC_URL` where there is one, else where it was asked for. */
export function addressOfPlan(request: Request, planId: string, secure: boolean): string {
  const ours = process.env['PUBLIC_URL'];
  const origin =
    ours && URL.canParse(ours)
      ? new URL(ours).origin
      : `${secure ? 'https' : 'http'}://${request.headers.get('host') ?? 'localhost'}`;
  return `${origin}/loads/${planId}`;
}
