import { DrawingUp } from '@/core/knot/shape/drawing-up';
import { type DrawingAnswer, type DrawingRequest, PROTOCOL } from './protocol';

/** A picture is due this often; between two pictures the rope is worked on. */
const PICTURE_MS = 14;
const AT_A_TIME = 2;

let form: DrawingUp | null = null;
let wanted = 0;
let running = false;

function show(body: DrawingUp['body'], rest: boolean): void {
  const answer: DrawingAnswer = {
    protocol: PROTOCOL,
    at: body.at.slice(),
    strands: body.strands,
    drawn: form?.drawn ?? 0,
    wanted,
    rest,
  };
  self.postMessage(answer, { transfer: [answer.at.buffer] });
}

/** Works until a picture is due, shows it, and comes back for more after the messages that have arrived meanwhile. */
function work(): void {
  if (!form) return;
  const until = performance.now() + PICTURE_MS;
  let there = false;
  while (!there && performance.now() < until) there = form.toward(wanted, AT_A_TIME);
  if (there) {
    running = false;
    return show(form.atRest(), true);
  }
  show(form.body, false);
  setTimeout(work, 0);
}

/** Draws a form up and lets it go away from the page, so that the slider never sticks. */
self.onmessage = (event: MessageEvent<DrawingRequest>): void => {
  const request = event.data;
  if (request.protocol !== PROTOCOL) return;
  if (request.kind === 'form') {
    form = new DrawingUp(request.form);
    return;
  }
  wanted = request.drawn;
  if (!running) {
    running = true;
    work();
  }
};
