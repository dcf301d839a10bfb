/**
 * Files: their bytes and what they are. {@code ByteStore} keeps bytes under their hash, in a folder or elsewhere. {@link
 * app.blenner.server.file.FileService} takes files in, judged by their bytes and freed of what is nobody's business;
 * {@link app.blenner.server.file.RenditionService} makes the sizes of pictures that pages ask for. What a file is called,
 * and where it stands, is for the assets to know.
 */
package app.blenner.server.file;
