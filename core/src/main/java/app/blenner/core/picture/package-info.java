/**
 * Pictures: how they are cut, turned and made in the sizes that pages ask for.
 *
 * <p>{@link app.blenner.core.picture.Size} is how large one is, {@link app.blenner.core.picture.Turn} how stored pixels are
 * turned to stand upright, {@link app.blenner.core.picture.Crop} the part that is shown. What people do to a picture is an
 * {@link app.blenner.core.picture.Edit}, kept beside the file and never in it; what every automatic crop keeps in sight is
 * its {@link app.blenner.core.picture.Focus}. A {@link app.blenner.core.picture.Rendition} is a named way of making a
 * picture from a file, to one of the {@link app.blenner.core.picture.Widths} and perhaps to a {@link
 * app.blenner.core.picture.Ratio}; {@link app.blenner.core.picture.RenditionMaker} makes them. {@link
 * app.blenner.core.picture.PictureReader} opens nothing before it knows how large it says it is.
 */
package app.blenner.core.picture;
