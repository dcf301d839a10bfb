package app.blenner.core.format.text;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;

import app.blenner.core.document.RunningText;
import app.blenner.core.format.html.HtmlReader;
import java.nio.charset.Charset;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class TextFormatTest {
  @DataProvider
  public Object[][] encodings() {
    String german = "Über den Höhen wird es früh dunkel, und die Wächter löschen ihre Lampen.";
    String russian = "Небо над холмами темнеет рано, и сторожа гасят свои фонари одну за другой.";
    String japanese = "丘の上の空は早く暗くなり、番人たちは明かりを消して星を待ちます。";
    return new Object[][] {
      {german, "UTF-8"},
      {german, "windows-1252"},
      {german, "UTF-16LE"},
      {russian, "windows-1251"},
      {russian, "KOI8-R"},
      {japanese, "Shift_JIS"},
      {japanese, "EUC-JP"},
    };
  }

  @Test(dataProvider = "encodings")
  public void encodingsAreRecognised(String text, String encoding) {
    String marked = encoding.startsWith("UTF-16") ? "\uFEFF" + text : text;
    byte[] bytes = marked.repeat(1).getBytes(Charset.forName(encoding));
    assertEquals(Encoding.read(bytes).text(), text);
  }

  @Test
  public void bytesThatAreNoTextFailNothing() {
    byte[] bytes = new byte[256];
    for (int i = 0; i < 256; i++) {
      bytes[i] = (byte) i;
    }
    assertFalse(Encoding.read(bytes).text().isEmpty());
    assertEquals(Encoding.read(new byte[0]).text(), "");
  }

  @Test
  public void theWrittenTextHoldsEveryWordInOrder() {
    String html =
        "<h2>Sky</h2><ul><li><p>one</p><ol start=\"4\"><li><p>two</p></li></ol></li></ul>"
            + "<table><tr><td><p>three</p></td><td><p>four</p></td></tr></table><hr><p>five<br>six</p>";
    String text = TextWriter.write(HtmlReader.read(html));
    assertEquals(text, "Sky\n\n- one\n  4. two\n\nthree\tfour\n\n* * *\n\nfive\nsix\n");
    assertEquals(
        String.join(" ", RunningText.of(HtmlReader.read(html))).replace('\n', ' '),
        "Sky one two three four five six");
  }
}
