package app.blenner.server.file;

import app.blenner.core.picture.BrokenPictureException;
import java.io.IOException;
import java.util.concurrent.Semaphore;
import org.springframework.stereotype.Component;

/** Keeps pictures from filling the memory, however many are opened at one time. */
@Component
class PixelBudget {
  /** A million pixels take 3 MB or so to open; so many million are open at a time. */
  private static final int MILLIONS = 60;

  private final Semaphore room = new Semaphore(MILLIONS, true);

  /** What is done with an open picture. */
  interface Work<T> {
    T done() throws IOException, BrokenPictureException;
  }

  /** Does something as soon as a picture can be opened. */
  <T> T runWith(StoredFile picture, Work<T> work)
      throws IOException, BrokenPictureException, InterruptedException {
    long pixels = (long) picture.width() * picture.height();
    return within((int) Math.min(MILLIONS, 1 + pixels / 1_000_000), work);
  }

  /** Does something once nothing else is open: for what tells nobody beforehand how much it takes. */
  <T> T runAlone(Work<T> work) throws IOException, BrokenPictureException, InterruptedException {
    return within(MILLIONS, work);
  }

  private <T> T within(int millions, Work<T> work)
      throws IOException, BrokenPictureException, InterruptedException {
    room.acquire(millions);
    try {
      return work.done();
    } finally {
      room.release(millions);
    }
  }
}
