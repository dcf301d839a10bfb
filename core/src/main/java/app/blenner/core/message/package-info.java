/**
 * Messages of visitors: what a filled-in form says ({@link app.blenner.core.message.Submission}), and
 * the letter that tells the site's people of it ({@link app.blenner.core.message.Letter}).
 */
package app.blenner.core.message;
