/** Ready-made pieces that stand in many texts. */
package app.blenner.core.piece;
