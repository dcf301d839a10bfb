/**
 * Two states of one item held against each other. A {@link app.blenner.core.version.Comparison} finds where they
 * differ, field by field and block by block, and makes one content of what somebody chooses at each difference.
 */
package app.blenner.core.version;
