/* A stack of native screens, which a browser has none of: the router makes one at its start all the same. */
module.exports = { createNativeStackNavigator: () => ({ Navigator: () => null }) };
