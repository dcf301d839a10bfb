package app.blenner.server.intake;

import app.blenner.core.format.office.UnreadableFileException;
import app.blenner.core.intake.FetchPolicy;
import app.blenner.server.outside.GuardedWeb;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.net.UnknownHostException;
import java.util.concurrent.TimeUnit;
import org.apache.hc.client5.http.classic.methods.HttpGet;
import org.apache.hc.client5.http.impl.classic.CloseableHttpClient;
import org.apache.hc.core5.http.ClassicHttpResponse;
import org.apache.hc.core5.http.ContentType;
import org.apache.hc.core5.http.Header;
import org.springframework.stereotype.Component;

/**
 * Fetches something from the web within limits.
 */
@Component
class WebFetcher {
  private static final int MOST_REDIRECTS = 5;
  private static final int SECONDS = 15;

  /** What was fetched, and where it was found in the end. */
  record Fetched<T>(URI address, T found) {}

  /**
   * What is looked for.
   *
   * @param what what people call it, with its article
   * @param accept the value of the header field Accept
   * @param largest most bytes
   * @param kinds which media types are it, as an expression
   * @param otherwise what to say where it is of another kind
   * @param seconds how long it may take at most
   */
  record Sort(
      String what, String accept, int largest, String kinds, String otherwise, int seconds) {

    Sort(String what, String accept, int largest, String kinds, String otherwise) {
      this(what, accept, largest, kinds, otherwise, SECONDS);
    }
  }

  /** Makes something of an answer of the right kind. */
  interface Reader<T> {
    T read(ContentType type, byte[] bytes);
  }

  /**
   * Fetches something.
   *
   * @throws IllegalArgumentException where the address may not be fetched
   * @throws UnreadableFileException where nothing usable is found there
   */
  <T> Fetched<T> fetch(String typed, FetchPolicy policy, Sort sort, Reader<T> reader) {
    URI address = policy.check(typed);
    long deadline = System.nanoTime() + TimeUnit.SECONDS.toNanos(sort.seconds());
    try (CloseableHttpClient client =
        GuardedWeb.client(policy, sort.seconds(), "Blenner (fetches one thing for an editor)")) {
      for (int hops = 0; hops <= MOST_REDIRECTS; hops++) {
        Step<T> step = get(client, address, deadline, sort, reader);
        if (step.next() == null) {
          return new Fetched<>(address, step.found());
        }
        address = policy.check(address.resolve(step.next()).toString());
      }
      throw new UnreadableFileException(
          "This address leads on and on to others; Blenner followed five.");
    } catch (GuardedWeb.Private e) {
      throw new IllegalArgumentException(
          "“"
              + address.getHost()
              + "” is on this machine or a local network, and the set-up does not name it.");
    } catch (UnknownHostException e) {
      throw new UnreadableFileException(
          "There is no server called “" + address.getHost() + "”. Look at the address again.");
    } catch (IOException e) {
      throw new UnreadableFileException(
          "“"
              + address.getHost()
              + "” did not give "
              + sort.what()
              + " in "
              + sort.seconds()
              + " seconds. Try again later.");
    }
  }

  /** One answer: what was looked for, or where it leads on to. */
  private record Step<T>(T found, String next) {}

  private static <T> Step<T> get(
      CloseableHttpClient client, URI address, long deadline, Sort sort, Reader<T> reader)
      throws IOException {
    HttpGet request = new HttpGet(address);
    request.setHeader("Accept", sort.accept());
    return client.execute(request, answer -> read(answer, deadline, sort, reader));
  }

  private static <T> Step<T> read(
      ClassicHttpResponse answer, long deadline, Sort sort, Reader<T> reader) throws IOException {
    int code = answer.getCode();
    Header location = answer.getFirstHeader("Location");
    if (code >= 300 && code < 400 && location != null) {
      return new Step<>(null, location.getValue());
    }
    if (code == 404 || code == 410) {
      throw new UnreadableFileException("There is nothing at this address (" + code + ").");
    }
    if (code >= 400) {
      throw new UnreadableFileException(
          "The server does not give " + sort.what() + " away (" + code + ").");
    }
    ContentType type =
        answer.getEntity() == null
            ? null
            : ContentType.parseLenient(answer.getEntity().getContentType());
    if (type == null || !String.valueOf(type.getMimeType()).matches(sort.kinds())) {
      throw new UnreadableFileException(sort.otherwise());
    }
    return new Step<>(
        reader.read(type, readBytes(answer.getEntity().getContent(), deadline, sort)), null);
  }

  private static byte[] readBytes(InputStream in, long deadline, Sort sort) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    byte[] piece = new byte[16_384];
    for (int n = in.read(piece); n >= 0; n = in.read(piece)) {
      out.write(piece, 0, n);
      if (out.size() > sort.largest()) {
        throw new UnreadableFileException(
            "More than "
                + sort.largest() / 1_000_000
                + " megabytes are at this address, so nothing was brought in.");
      }
      if (System.nanoTime() > deadline) {
        throw new IOException("too slow");
      }
    }
    return out.toByteArray();
  }
}
