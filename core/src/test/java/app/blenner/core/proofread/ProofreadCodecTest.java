package app.blenner.core.proofread;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

import app.blenner.core.proofread.ProofreadRemark.Sort;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.EOFException;
import java.io.IOException;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;

/** What one process writes, the other reads; what is not an answer is refused, and never takes memory without end. */
public class ProofreadCodecTest {
  private static final List<ProofreadRemark> SOME =
      List.of(
          new ProofreadRemark(
              3, 9, Sort.SPELLING, "A_RULE", "Meant: “naïve” 🌌", List.of("naïve", "")),
          new ProofreadRemark(0, 1, Sort.STYLE, "", "", List.of()));

  private static byte[] written() throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (DataOutputStream out = new DataOutputStream(bytes)) {
      ProofreadCodec.write(out, new ProofreadRequest("en-GB", "naive\n🌌"));
      ProofreadCodec.write(out, SOME);
    }
    return bytes.toByteArray();
  }

  private static DataInputStream in(byte[] bytes) {
    return new DataInputStream(new ByteArrayInputStream(bytes));
  }

  @Test
  public void whatIsWrittenIsRead() throws IOException {
    DataInputStream in = in(written());
    assertEquals(ProofreadCodec.readQuestion(in), new ProofreadRequest("en-GB", "naive\n🌌"));
    assertEquals(ProofreadCodec.remarks(in), SOME);
    expectThrows(EOFException.class, () -> ProofreadCodec.readQuestion(in));
  }

  @Test
  public void whatIsNoAnswerIsRefused() throws IOException {
    byte[] bytes = written();
    Random random = new Random(7);
    for (int i = 0; i < 20_000; i++) {
      byte[] torn = bytes.clone();
      for (int k = 0; k < 3; k++) {
        torn[random.nextInt(torn.length)] = (byte) random.nextInt();
      }
      try {
        DataInputStream in = in(torn);
        ProofreadCodec.readQuestion(in);
        ProofreadCodec.remarks(in);
      } catch (IOException e) {
        // Said to be no answer.
        assertEquals(e.getClass().getPackageName(), "java.io");
      }
    }
  }
}
