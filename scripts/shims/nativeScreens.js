/* In a browser there are no native screens: the router sets their flags all the same. */
module.exports = { featureFlags: { experiment: {} } };
