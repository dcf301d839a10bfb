package app.blenner.server;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import app.blenner.server.Running.Answer;
import app.blenner.server.Running.Visitor;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.OutputStream;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Arrays;
import javax.imageio.ImageIO;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/** Files on their way in. Source: tus resumable upload protocol, version 1.0.0. */
public class UploadTest {
  private static final String UPLOADS = "/editor/api/uploads";
  private Running running;
  private Visitor editor;

  @BeforeClass
  public void start() {
    running = Running.demo();
    editor = running.signedIn("tove");
  }

  private String begun(String name, long length) {
    Answer begun = editor.begin(name, length);
    assertEquals(begun.status(), 201, begun.text());
    assertEquals(begun.header("Tus-Resumable"), "1.0.0");
    String place = begun.header("Location");
    return place.substring(place.indexOf(UPLOADS));
  }

  private static String done(String place) {
    return "{\"upload\":\"%s\",\"whole\":false,\"ask\":false}"
        .formatted(place.substring(place.lastIndexOf('/') + 1));
  }

  @Test
  public void whatWasCutOffGoesOnWhereItWas() throws Exception {
    byte[] png = Pngs.of(300, 200, 0x335577);
    String place = begun("Cut off.png", png.length);
    int half = png.length / 2;
    // The line breaks in the middle of a part.
    try (Socket line = new Socket("localhost", running.port())) {
      OutputStream out = line.getOutputStream();
      out.write(
          ("PATCH "
                  + place
                  + " HTTP/1.1\r\nHost: localhost\r\nTus-Resumable: 1.0.0\r\nUpload-Offset: 0\r\n"
                  + "Content-Type: application/offset+octet-stream\r\nContent-Length: "
                  + png.length
                  + "\r\n"
                  + editor.headers()
                  + "\r\n")
              .getBytes(StandardCharsets.US_ASCII));
      out.write(png, 0, half);
      out.flush();
      Waiting.letPass(Duration.ofMillis(300), "what was sent is on its way");
    }
    Answer head =
        Waiting.until(
            "the server notices", () -> editor.head(place), answer -> answer.status() != 423);
    assertEquals(head.status(), 204, head.whole().headers().map().toString());
    int there = Integer.parseInt(head.header("Upload-Offset"));
    assertTrue(there > 0 && there <= half, there + " of " + half);
    assertEquals(editor.post("/editor/api/assets", done(place)).status(), 404, "not all is there");
    assertEquals(editor.patch(place, there + 7, png).status(), 409, "a part that does not follow");
    Answer rest = editor.patch(place, there, Arrays.copyOfRange(png, there, png.length));
    assertEquals(rest.status(), 204);
    Answer added = editor.post("/editor/api/assets", done(place));
    assertEquals(added.status(), 201, added.text());
    assertEquals(added.json().path("asset").path("width").asInt(), 300);
    assertEquals(editor.post("/editor/api/assets", done(place)).status(), 404, "it is used up");
    assertEquals(editor.head(place).status(), 404);
  }

  @Test
  public void nobodyGoesOnWithAnothersFile() throws Exception {
    byte[] png = Pngs.of(30, 20, 0x112233);
    String place = begun("Mine.png", png.length);
    Visitor other = running.signedIn("ilse");
    assertEquals(other.head(place).status(), 404);
    assertEquals(other.patch(place, 0, png).status(), 404);
    assertEquals(editor.patch(place, 0, png).status(), 204);
    assertEquals(other.post("/editor/api/assets", done(place)).status(), 404);
    assertEquals(running.visitor().begin("Nobody.png", 10).status(), 403, "no token, no sign-in");
    assertEquals(editor.post("/editor/api/assets", done(place)).status(), 201);
  }

  @Test
  public void whatIsTooLargeIsRefusedBeforeItComes() throws Exception {
    assertEquals(editor.begin("Huge.mp4", 2_500_000_000L).status(), 413);
    // More than was said is not taken.
    String place = begun("Small.png", 10);
    Answer more = editor.patch(place, 0, new byte[5000]);
    assertTrue(
        more.status() >= 400 || "10".equals(more.header("Upload-Offset")), more.status() + "");
    assertTrue(editor.post("/editor/api/assets", done(place)).status() >= 400);
  }

  @Test
  public void anUploadThatIsNotThereIsToldInWords() {
    for (String id :
        new String[] {"..%2f..%2fblenner.mv.db", "x", "00000000-0000-0000-0000-000000000000"}) {
      Answer answer = editor.post("/editor/api/assets", done("/" + id));
      assertEquals(answer.status(), 404, answer.text());
      assertTrue(answer.json().path("detail").asString().contains("again"), answer.text());
    }
    assertEquals(editor.begin("Minus.png", -4).status(), 400);
  }

  @Test
  public void manyMegabytesOfWordsInAPictureAreLeftOutAndFillNoMemory() throws Exception {
    BufferedImage image = new BufferedImage(90, 60, BufferedImage.TYPE_3BYTE_BGR);
    ByteArrayOutputStream plain = new ByteArrayOutputStream();
    ImageIO.write(image, "jpg", plain);
    ByteArrayOutputStream full = new ByteArrayOutputStream();
    full.write(plain.toByteArray(), 0, 2);
    byte[] segment = new byte[60_000];
    byte[] begin = "http://ns.adobe.com/xap/1.0/\0<x:xmpmeta xmlns:x='adobe:ns:meta/'>".getBytes();
    System.arraycopy(begin, 0, segment, 0, begin.length);
    for (int i = 0; i < 1000; i++) {
      full.write(new byte[] {(byte) 0xFF, (byte) 0xE1, (byte) (60_002 >> 8), (byte) 60_002});
      full.write(segment);
    }
    full.write(plain.toByteArray(), 2, plain.size() - 2);
    Answer added = editor.bringIn("/editor/api/assets", "Talkative.jpg", full.toByteArray(), false);
    assertEquals(added.status(), 201, added.text());
    assertEquals(added.json().path("asset").path("title").asString(), "Talkative");
    assertTrue(added.json().path("asset").path("bytes").asInt() < 5_000, added.text());
  }
}
