/**
 * The house style: the site's own colours, fonts, sizes and named styles, and how well a colour reads
 * on its ground.
 *
 * <p>{@link app.blenner.core.house.HouseStyle} is what a site has decided; {@link
 * app.blenner.core.house.Contrast} measures by the formula of WCAG 2.2.
 */
package app.blenner.core.house;
