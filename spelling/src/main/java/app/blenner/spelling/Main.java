package app.blenner.spelling;

import app.blenner.core.proofread.ProofreadCodec;
import app.blenner.core.proofread.ProofreadRemark;
import app.blenner.core.proofread.ProofreadRequest;
import java.io.BufferedInputStream;
import java.io.BufferedOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.OutputStream;
import java.util.List;

/** Answers one question after the other until nobody asks any more. */
public final class Main {
  private Main() {}

  /** Reads questions from the standard input, and writes answers to the standard output. */
  public static void main(String[] args) throws IOException {
    OutputStream answers = System.out;
    // What a library tells on the way is not an answer.
    System.setOut(System.err);
    try (DataInputStream in = new DataInputStream(new BufferedInputStream(System.in));
        DataOutputStream out = new DataOutputStream(new BufferedOutputStream(answers))) {
      LanguageToolPool readers = new LanguageToolPool();
      while (true) {
        ProofreadRequest question = ProofreadCodec.readQuestion(in);
        ProofreadCodec.write(out, read(readers, question));
      }
    } catch (EOFException e) {
      // Whoever asked has gone.
      System.exit(0);
    }
  }

  private static List<ProofreadRemark> read(LanguageToolPool readers, ProofreadRequest question) {
    try {
      return readers.read(question);
    } catch (IOException | RuntimeException e) {
      // A text that its own rules cannot read is left unread; the next one is asked for.
      e.printStackTrace();
      return List.of();
    }
  }
}
