// A list of all routes is for developers.
exports.Sitemap = () => null;
exports.getNavOptions = () => ({});
