import styled from 'styled-components';

const Beside = styled.div`
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: calc(5 * var(--u));
  align-items: center;
  height: 100%;
  min-height: 0;
`;
/** Dark on light in every theme: cameras read nothing else. */
const Code = styled.svg`
  height: min(58vh, 44vw);
  aspect-ratio: 1;
  background: #ffffff;
  & path {
    stroke: #000000;
  }
`;
const Words = styled.div`
  display: grid;
  gap: calc(1.6 * var(--u));
  font: 560 calc(2.8 * var(--u)) / 1.25 var(--font-read);
  & b {
    display: block;
    font: 740 calc(8 * var(--u)) / 1.1 var(--font-figure);
    letter-spacing: 0.06em;
  }
  & p {
    overflow-wrap: anywhere;
  }
`;

const Warning = styled.p`
  font: 640 calc(1.6 * var(--u)) / 1.3 var(--font-read);
  color: var(--signal);
`;

/** How one takes part: photographed, or typed. */
export function Gathering({
  code,
  address,
  qr,
  reachable,
}: {
  code: string;
  address: string;
  qr: { readonly path: string; readonly size: number };
  reachable: boolean;
}) {
  const margin = 2;
  const side = qr.size + 2 * margin;
  return (
    <Beside>
      <Code
        viewBox={`${-margin} ${-margin} ${side} ${side}`}
        shapeRendering="crispEdges"
        role="img"
        aria-label="Code to be photographed with a phone"
      >
        <path d={qr.path} strokeWidth={1} />
      </Code>
      <Words>
        <p>Take your phone and photograph the square, or open {address.split('#')[0]} and type</p>
        <b>{code}</b>
        {reachable ? null : (
          <Warning>
            This address leads to this machine alone: phones cannot come to it. Start the program
            with HOST set to this machine’s address in the yard’s network, and open that address
            here.
          </Warning>
        )}
      </Words>
    </Beside>
  );
}
