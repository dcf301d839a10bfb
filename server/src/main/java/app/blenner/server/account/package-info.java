/**
 * Who works here: accounts, signing in and out, and who may do what.
 */
package app.blenner.server.account;
