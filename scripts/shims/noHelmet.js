/* The router's way to set a page's title and heads: Sereno's pages set their title themselves. */
module.exports = { HelmetProvider: ({ children }) => children, Helmet: () => null };
