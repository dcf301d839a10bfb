/** What proves that somebody is who they say: the second factor, and the codes for whoever has lost it. */
package app.blenner.core.signin;
