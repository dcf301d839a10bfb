package app.blenner.core.format.html;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.core.document.Audio;
import app.blenner.core.document.Block;
import app.blenner.core.document.ButtonLink;
import app.blenner.core.document.Callout;
import app.blenner.core.document.Code;
import app.blenner.core.document.Columns;
import app.blenner.core.document.ContactForm;
import app.blenner.core.document.Download;
import app.blenner.core.document.Embed;
import app.blenner.core.document.Gallery;
import app.blenner.core.document.Inlines;
import app.blenner.core.document.ItemList;
import app.blenner.core.document.NumberedList;
import app.blenner.core.document.Paragraph;
import app.blenner.core.document.Picture;
import app.blenner.core.document.Quote;
import app.blenner.core.document.RawHtml;
import app.blenner.core.document.RelatedItems;
import app.blenner.core.document.RunningText;
import app.blenner.core.document.Side;
import app.blenner.core.document.Table;
import app.blenner.core.document.TextColumns;
import app.blenner.core.document.Video;
import app.blenner.core.document.Width;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Each block from canonical HTML, from HTML that is nearly it, and from HTML that is not. */
public class BlockReadingTest {

  private static List<Block> blocks(String html) {
    return HtmlReader.read(html).blocks();
  }

  private static <B extends Block> B first(String html, Class<B> type) {
    return type.cast(blocks(html).get(0));
  }

  private static List<String> kinds(String html) {
    return blocks(html).stream().map(b -> b.getClass().getSimpleName()).toList();
  }

  @Test
  public void aNumberedListKeepsItsStartAndItsNumbers() {
    NumberedList list = first("<ol start=' 7' type=I><li>a<li>b</ol>", NumberedList.class);
    assertEquals(list.start(), 7);
    assertEquals(list.numbering(), NumberedList.Numbering.CAPITAL_ROMAN);
    assertEquals(list.items().size(), 2);
    assertEquals(first("<ol start=many type=z><li>a</ol>", NumberedList.class).start(), 1);
  }

  @Test
  public void aListItemKeepsEverythingInIt() {
    assertEquals(
        HtmlWriter.write(HtmlReader.read("<ul><li>a<h3>b</h3><table><tr><td>c</table>d</ul>")),
        "<ul>\n<li>\n<p>a</p>\n<h3>b</h3>\n<table>\n<tbody>\n<tr>\n<td>c</td></tr>\n</tbody>\n</table>\n<p>d</p>\n</li>\n</ul>");
    assertEquals(kinds("<li>lonely</li>"), List.of("Paragraph"));
  }

  @Test
  public void aQuoteKnowsWhoSaidItAndWhere() {
    Quote q =
        first(
            "<figure class='quote pull'><blockquote cite='https://example.org/d'><p>a<p>b</blockquote>"
                + "<figcaption>Maren <em>Quill</em></figcaption></figure>",
            Quote.class);
    assertTrue(q.pull());
    assertEquals(q.source().value(), "https://example.org/d");
    assertEquals(q.blocks().size(), 2);
    assertEquals(Inlines.textOf(q.attribution()), "Maren Quill");
    assertEquals(
        first("<blockquote cite='javascript:x'>a</blockquote>", Quote.class).source(), null);
  }

  @Test
  public void aPictureKeepsPlaceWidthLinkCaptionAndCredit() {
    Picture p =
        first(
            "<figure class='picture left' style='width: 280px'><a href='/x' target=_blank><img src='../assets/a.png' alt=''></a>"
                + "<figcaption>a <b>b</b> <small>By me</small></figcaption></figure>",
            Picture.class);
    assertEquals(p.side(), Side.LEFT);
    assertEquals(p.width(), new Width(280, Width.Unit.PIXELS));
    assertTrue(p.link().newTab());
    assertEquals(Inlines.textOf(p.caption()), "a b");
    assertEquals(p.credit(), "By me");
    assertEquals(p.alternative(), "");
  }

  @Test
  public void smallPrintInsideACaptionIsNoCredit() {
    Picture p =
        first(
            "<figure><img src='../assets/a.png'><figcaption><small>so</small> and on</figcaption></figure>",
            Picture.class);
    assertEquals(p.credit(), "");
    assertEquals(Inlines.textOf(p.caption()), "so and on");
  }

  @DataProvider
  public Object[][] widths() {
    return new Object[][] {
      {"40%", "40%"},
      {"280px", "280px"},
      {"140%", "100%"},
      {"0px", ""},
      {"12em", ""},
      {"40", ""},
      {"9999px", "4000px"}
    };
  }

  @Test(dataProvider = "widths")
  public void widthsAreInHundredthsOrPixels(String css, String expected) {
    assertEquals(Width.parse(css).css(), expected);
  }

  @Test
  public void whatElseStandsInAFigureFollowsIt() {
    assertEquals(
        kinds(
            "<figure><img src='../assets/a.png'><p>more</p><figcaption>c<table><tr><td>t</table></figcaption></figure>"),
        List.of("Picture", "Table", "Paragraph"));
    assertEquals(kinds("<figure><p>a</p><p>b</p></figure>"), List.of("Paragraph", "Paragraph"));
    assertEquals(kinds("<figure><figcaption>only</figcaption></figure>"), List.of("Paragraph"));
  }

  @Test
  public void aGalleryHoldsPicturesOnly() {
    String html =
        "<figure class='gallery columns-4'><img src='../assets/a.png'><p>stray</p><figure class=picture><img src='../assets/b.png'></figure>"
            + "<figcaption>All</figcaption></figure>";
    Gallery g = first(html, Gallery.class);
    assertEquals(g.pictures().size(), 2);
    assertEquals(g.columns(), 4);
    assertEquals(kinds(html), List.of("Gallery", "Paragraph"));
  }

  @Test
  public void aTableKeepsItsWordsAboutItself() {
    Table t =
        first(
            "<table class='borders-all padding-roomy wide'><caption>Readings<p class=description>Long account</p></caption>"
                + "<colgroup><col style='width: 30%'><col style='width:70%'></colgroup>"
                + "<thead><tr><th>a<th>b<tbody><tr><th>c<td align=right>d<tfoot><tr><th>e<td>f</table>",
            Table.class);
    assertEquals(Inlines.textOf(t.caption()), "Readings");
    assertEquals(t.description(), "Long account");
    assertEquals(t.headerRows(), 1);
    assertTrue(t.headerColumn());
    assertEquals(t.widths(), List.of(30, 70));
    assertEquals(t.look(), new Table.Look(Table.Borders.ALL, Table.Padding.ROOMY, Side.WIDE));
    assertEquals(
        RunningText.of(List.of(t)),
        List.of("Readings", "Long account", "a", "b", "c", "d", "e", "f"));
  }

  @Test
  public void widthsThatDoNotFitTheColumnsAreDropped() {
    assertEquals(
        first(
                "<table><colgroup><col style='width:30%'></colgroup><tr><td>a<td>b</table>",
                Table.class)
            .widths(),
        List.of());
  }

  @Test
  public void anEmptyTableIsNothingButItsCaptionIsKept() {
    assertEquals(
        RunningText.of(HtmlReader.read("<table><caption>Lost?</caption></table>")),
        List.of("Lost?"));
  }

  @Test
  public void columnsAreTwoToFour() {
    assertEquals(
        first("<div class=columns><div class=column>a</div></div>", Columns.class).columns().size(),
        2);
    Columns six =
        first(
            "<div class=columns>"
                + "<div class=column style='flex-grow: 3'>x</div>".repeat(6)
                + "</div>",
            Columns.class);
    assertEquals(six.columns().size(), 4);
    assertEquals(six.columns().get(3).blocks().size(), 3, "what is too much joins the last column");
    assertEquals(six.columns().get(0).share(), 3);
  }

  @Test
  public void textColumnsAreOneToTen() {
    TextColumns c =
        first(
            "<div class=text-columns style='column-count: 99; column-gap: 500px'>a</div>",
            TextColumns.class);
    assertEquals(List.of(c.count(), c.gap()), List.of(10, 96));
    assertEquals(first("<div class=text-columns>a</div>", TextColumns.class).count(), 2);
  }

  @Test
  public void framesAndPlayersBecomeBlocks() {
    Embed e =
        first(
            "<iframe src='https://media.example/1' title='A film' width=560></iframe>",
            Embed.class);
    assertEquals(e.title(), "A film");
    assertEquals(e.shape(), Embed.Shape.WIDE);
    Audio a = first("<audio><source src='../assets/o.mp3'>Owls</audio>", Audio.class);
    assertEquals(a.source().assetName(), "o.mp3");
    Video v =
        first(
            "<figure class=video style='width:50%'><video src='../assets/w.mp4' poster='../assets/p.jpg'><track src='../assets/w.vtt' srclang=cy></video></figure>",
            Video.class);
    assertEquals(v.width().css(), "50%");
    assertEquals(v.captions().language(), "cy");
    assertEquals(
        kinds("<video src='https://elsewhere.example/a.mp4'>words instead</video>"),
        List.of("Paragraph"));
  }

  @Test
  public void codeKeepsItsWhiteSpace() {
    assertEquals(first("<pre>  a\n\n b </pre>", Code.class).text(), "  a\n\n b ");
    Code c = first("<pre><code class='language-java'>\nx</code></pre>", Code.class);
    assertEquals(c.language(), "java");
    assertEquals(c.text(), "\nx");
  }

  @Test
  public void calloutsHaveAKind() {
    assertEquals(
        first("<aside class='callout tip'>a</aside>", Callout.class).kind(), Callout.Kind.TIP);
    assertEquals(first("<div class=callout>a</div>", Callout.class).kind(), Callout.Kind.NOTE);
    assertEquals(kinds("<aside>a</aside>"), List.of("Paragraph"));
  }

  @Test
  public void downloadsAndButtonsNeedSomewhereToGo() {
    assertEquals(
        first("<p class=download><a href='../assets/m.pdf'>Map</a></p>", Download.class).label(),
        "Map");
    assertEquals(
        kinds("<p class=download><a href='https://a.example/'>Map</a></p>"), List.of("Paragraph"));
    assertEquals(
        first("<p class=button><a href='/x'>Go\u00A0on</a></p>", ButtonLink.class).label(),
        "Go\u00A0on");
    assertEquals(kinds("<p class=button><a href='javascript:x'>Go</a></p>"), List.of("Paragraph"));
    assertEquals(kinds("<p class=button>words <a href='/x'>Go</a></p>"), List.of("Paragraph"));
  }

  @Test
  public void listsOfItemsNameItems() {
    ItemList latest =
        first(
            "<div class=item-list data-section=visit data-count=99><p>Latest</p></div>",
            ItemList.class);
    assertEquals(latest.source(), new ItemList.Latest("visit", "", 50));
    RelatedItems related =
        first(
            "<div class=related-items><ul><li><a href='../items/a.html'>A</a></ul></div>",
            RelatedItems.class);
    assertEquals(related.items().get(0).label(), "A");
    String stray =
        "<div class=related-items><ul><li><a href='https://x.example/'>elsewhere</a></ul></div>";
    assertEquals(kinds(stray), List.of("RelatedItems", "BulletedList"));
  }

  @Test
  public void aContactFormKeepsItsQuestions() {
    ContactForm form =
        first(
            "<form class=contact-form><p><label>Who <input name=name-1 required></label></p><p><label>Mail <input type=email></label></p>"
                + "<p><label>When <select><option value=''></option><option>Fri</option></select></label></p>"
                + "<p><label>Yes <input type=checkbox></label></p><p>A remark</p><p><button>Send</button></p></form>",
            ContactForm.class);
    assertEquals(
        form.fields().stream().map(ContactForm.Field::kind).toList(),
        List.of(
            ContactForm.Kind.NAME,
            ContactForm.Kind.EMAIL,
            ContactForm.Kind.CHOICE,
            ContactForm.Kind.AGREEMENT));
    assertTrue(form.fields().get(0).required());
    assertEquals(form.fields().get(2).choices(), List.of("Fri"));
    assertEquals(form.button(), "Send");
  }

  @Test
  public void rawHtmlIsCleanedToWhatIsSafe() {
    assertEquals(
        first(
                "<div class=html><details open onclick=x><summary>s</summary><p style='x'>t</p></details></div>",
                RawHtml.class)
            .html(),
        "<details open=\"\"><summary>s</summary><p>t</p></details>");
    assertEquals(new RawHtml("<td>cell</td><li>item</li>").html(), "cellitem");
    assertEquals(new RawHtml("<unknown-part>kept</unknown-part>").html(), "kept");
  }

  @Test
  public void blocksStandAtMostTwentyDeep() {
    String html = "<blockquote>".repeat(30) + "deep" + "</blockquote>".repeat(30);
    Block block = blocks(html).get(0);
    int depth = 1;
    while (block instanceof Quote q && q.blocks().get(0) instanceof Quote inner) {
      block = inner;
      depth++;
    }
    assertEquals(depth, HtmlReader.MAX_LEVEL);
    assertEquals(RunningText.of(HtmlReader.read(html)), List.of("deep"));
  }

  @Test
  public void attributesOfAParagraphHaveBounds() {
    Paragraph p =
        first(
            "<p class='indent-9 indent-3 style-lead style-Bad! drop-cap align-right' style='color:red'>x</p>",
            Paragraph.class);
    assertEquals(p.style().indent(), 3);
    assertEquals(p.style().name(), "lead");
    assertTrue(p.style().dropCap());
  }
}
