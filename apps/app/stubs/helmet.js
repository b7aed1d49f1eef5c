// Titles are set by PageTitle; the router's own head does nothing here.
exports.HelmetProvider = ({ children }) => children;
exports.Helmet = () => null;
