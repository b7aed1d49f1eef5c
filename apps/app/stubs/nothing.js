// What nobody draws.
module.exports = { __esModule: true, default: () => null };
