import { connect, createServer, type Server, type Socket } from 'node:net';

/**
 * The line between a browser and the application: it can be cut, also so that what is sent still arrives and only its answer is
 * lost.
 */
export class Wire {
  private readonly sockets = new Set<Socket>();
  private state: 'whole' | 'cut' | 'deaf' = 'whole';

  private constructor(
    private readonly server: Server,
    readonly port: number,
  ) {}

  static async to(target: number): Promise<Wire> {
    const made: { wire?: Wire } = {};
    const server = createServer((near) => made.wire!.carry(near, target));
    const port = await new Promise<number>((resolve) =>
      server.listen(0, '127.0.0.1', () => resolve((server.address() as { port: number }).port)),
    );
    made.wire = new Wire(server, port);
    return made.wire;
  }

  private carry(near: Socket, target: number): void {
    if (this.state === 'cut') return void near.destroy();
    const far = connect(target, '127.0.0.1');
    for (const socket of [near, far]) {
      this.sockets.add(socket);
      socket.on('error', () => socket.destroy());
      socket.on('close', () => {
        this.sockets.delete(socket);
        near.destroy();
        far.destroy();
      });
    }
    near.on('data', (part) => far.write(part));
    far.on('data', (part) => {
      // What the other end did is done; nobody here hears of it.
      if (this.state === 'deaf') near.destroy();
      else near.write(part);
    });
  }

  private drop(): void {
    for (const socket of this.sockets) socket.destroy();
  }

  /** Nothing passes. */
  cut(): void {
    this.state = 'cut';
    this.drop();
  }

  /** What is sent arrives, what is answered is lost. */
  deafen(): void {
    this.state = 'deaf';
  }

  mend(): void {
    this.state = 'whole';
    this.drop();
  }

  close(): void {
    this.cut();
    this.server.close();
  }
}
