/** Places elsewhere on the web that texts lead to: how they are asked whether they are there, and what an answer means. */
package app.blenner.core.outside;
