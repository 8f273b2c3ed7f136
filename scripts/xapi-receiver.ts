import { startReceiver } from './lib/xapi-receiver';

/** The stand-in for a store of learning records. npm run xapi:receiver -- [port] */
const [user, password] = ['vast-cleat', 'stand-in'];
const { endpoint } = await startReceiver({
  port: Number(process.argv[2] ?? 8090),
  user,
  password,
  onReceived: (statement) => console.log(JSON.stringify(statement)),
});
console.log(
  `Receiving. Start the application with XAPI_ENDPOINT=${endpoint} XAPI_USER=${user} XAPI_PASSWORD=${password}`,
);
