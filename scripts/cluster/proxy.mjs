/**
 * What HAProxy is told. All servers write to one node at a time, the same for all of them, until that one goes: so they
 * seldom get into each other's way, and a lock of the database holds for all. Browsers go to whichever server is ready.
 */
export const proxySettings = ({ web, database, servers, nodes }) => `
global
  maxconn 4000

defaults
  timeout connect 2s
  timeout client 1h
  timeout server 1h
  default-server inter 500ms rise 1

frontend web
  mode http
  bind 127.0.0.1:${web}
  option forwardfor
  default_backend servers

backend servers
  mode http
  balance roundrobin
  option httpchk GET /api/ready
  option redispatch
  retries 3
  retry-on conn-failure
${servers.map(({ name, port }) => `  server ${name} 127.0.0.1:${port} check fall 8`).join('\n')}

frontend database
  mode tcp
  bind 127.0.0.1:${database}
  default_backend nodes

backend nodes
  mode tcp
  option httpchk GET /
  option redispatch 1
  stick-table type ip size 1 nopurge
  stick on dst
${nodes
  .map(
    // Whoever is gone is noticed by the connection; a node that is busy choosing with whom it goes on is waited for.
    ({ name, ports, readyPort }) =>
      `  server ${name} 127.0.0.1:${ports.sql} check port ${readyPort} fall 4 on-marked-down shutdown-sessions`,
  )
  .join('\n')}
`;
