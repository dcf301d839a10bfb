package app.blenner.core.format.markdown;

import app.blenner.core.document.Document;
import app.blenner.core.format.html.HtmlReader;
import java.util.List;
import org.commonmark.Extension;
import org.commonmark.ext.gfm.strikethrough.StrikethroughExtension;
import org.commonmark.ext.gfm.tables.TablesExtension;
import org.commonmark.node.AbstractVisitor;
import org.commonmark.node.FencedCodeBlock;
import org.commonmark.node.IndentedCodeBlock;
import org.commonmark.node.Node;
import org.commonmark.parser.Parser;
import org.commonmark.renderer.html.HtmlRenderer;

/**
 * Reads Markdown. The grammar is commonmark-java's; what it makes is read as any HTML is, so HTML
 * within the Markdown is cleaned like everything else.
 */
public final class MarkdownReader {
  private static final List<Extension> EXTENSIONS =
      List.of(TablesExtension.create(), StrikethroughExtension.create());

  /** Far deeper than a text can be, and far from where the renderer, which goes down by recursion, ends. */
  private static final int DEEPEST = 64;

  private static final Parser PARSER =
      Parser.builder()
          .extensions(EXTENSIONS)
          .maxOpenBlockParsers(DEEPEST)
          .maxInlineNesting(DEEPEST)
          .build();
  private static final HtmlRenderer HTML = HtmlRenderer.builder().extensions(EXTENSIONS).build();

  private MarkdownReader() {}

  /** Reads a text. Never throws, and loses no word. */
  public static Document read(String markdown) {
    Node document = PARSER.parse(markdown);
    document.accept(
        new AbstractVisitor() {
          @Override
          public void visit(FencedCodeBlock block) {
            block.setLiteral(linesOf(block.getLiteral()));
          }

          @Override
          public void visit(IndentedCodeBlock block) {
            block.setLiteral(linesOf(block.getLiteral()));
          }
        });
    return HtmlReader.read(HTML.render(document));
  }

  /** In Markdown the last line of code ends like the others; in the text it ends with the block. */
  private static String linesOf(String code) {
    return code.endsWith("\n") ? code.substring(0, code.length() - 1) : code;
  }
}
