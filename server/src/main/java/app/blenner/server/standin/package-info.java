/** Small simulated stand-ins for services of others, for the demo and the tests. */
package app.blenner.server.standin;
