import { createServer } from 'node:http';
import { createConnection } from 'mysql2/promise';

/**
 * Says to a proxy whether a database node may be used: 200 while it has everything that the others have. One for each
 * node, on its machine: `node scripts/cluster/ready.mjs PORT`, with the node's own address in `DATABASE_URL`.
 */
const patience = 1_000;
const url = process.env.DATABASE_URL;
const [, , port] = process.argv;
let connection = null;

async function ready() {
  connection ??= await createConnection({ uri: url, connectTimeout: patience });
  try {
    const [[row]] = await connection.query({
      sql: "show status like 'wsrep_local_state'",
      timeout: patience,
    });
    return row?.Value === '4';
  } catch (error) {
    connection.destroy();
    connection = null;
    throw error;
  }
}

createServer((_request, response) => {
  ready().then(
    (is) => response.writeHead(is ? 200 : 503).end(),
    () => response.writeHead(503).end(),
  );
}).listen(Number(port), '127.0.0.1');
