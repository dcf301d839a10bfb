package app.blenner.core.proofread;

import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;

/**
 * How questions and answers go from one process to another: numbers as four bytes, the highest first, and texts in UTF-8
 * behind their length in bytes.
 */
public final class ProofreadCodec {
  /** No text is longer; whoever sends more sends something else. */
  private static final int MOST_BYTES = 1_000_000;

  private static final int MOST_REMARKS = 100_000;

  private ProofreadCodec() {}

  /** Writes a question. */
  public static void write(DataOutputStream out, ProofreadRequest question) throws IOException {
    text(out, question.language());
    text(out, question.text());
    out.flush();
  }

  /** Reads a question. */
  public static ProofreadRequest readQuestion(DataInputStream in) throws IOException {
    return new ProofreadRequest(text(in), text(in));
  }

  /** Writes what is said of one text. */
  public static void write(DataOutputStream out, List<ProofreadRemark> remarks) throws IOException {
    out.writeInt(remarks.size());
    for (ProofreadRemark r : remarks) {
      out.writeInt(r.from());
      out.writeInt(r.to());
      out.writeInt(r.sort().ordinal());
      text(out, r.rule());
      text(out, r.message());
      out.writeInt(r.better().size());
      for (String one : r.better()) {
        text(out, one);
      }
    }
    out.flush();
  }

  /** Reads what is said of one text. */
  public static List<ProofreadRemark> remarks(DataInputStream in) throws IOException {
    int count = readNumber(in, MOST_REMARKS);
    List<ProofreadRemark> out = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      int from = readNumber(in, MOST_BYTES);
      int to = readNumber(in, MOST_BYTES);
      ProofreadRemark.Sort sort =
          ProofreadRemark.Sort.values()[readNumber(in, ProofreadRemark.Sort.values().length - 1)];
      String rule = text(in);
      String message = text(in);
      int better = readNumber(in, ProofreadRemark.MOST_BETTER);
      List<String> some = new ArrayList<>();
      for (int k = 0; k < better; k++) {
        some.add(text(in));
      }
      out.add(new ProofreadRemark(from, to, sort, rule, message, some));
    }
    return out;
  }

  private static int readNumber(DataInputStream in, int most) throws IOException {
    int number = in.readInt();
    if (number < 0 || number > most) {
      throw new IOException("no number as they are sent: " + number);
    }
    return number;
  }

  private static void text(DataOutputStream out, String text) throws IOException {
    byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
    out.writeInt(bytes.length);
    out.write(bytes);
  }

  private static String text(DataInputStream in) throws IOException {
    byte[] bytes = new byte[readNumber(in, MOST_BYTES)];
    in.readFully(bytes);
    return new String(bytes, StandardCharsets.UTF_8);
  }
}
