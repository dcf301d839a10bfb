package app.blenner.server.file;

import java.util.concurrent.Semaphore;
import org.springframework.stereotype.Component;

/** Keeps pictures from filling the memory, however many are opened at one time. */
@Component
class PixelRoom {
  /** A million pixels take 3 MB or so to open; so many million are open at a time. */
  private static final int MILLIONS = 60;

  private final Semaphore room = new Semaphore(MILLIONS, true);

  /** Room that somebody has, until it is closed. */
  interface Taken extends AutoCloseable {
    @Override
    void close();
  }

  /** Waits until a picture can be opened. */
  Taken take(StoredFile picture) throws InterruptedException {
    return take(
        (int) Math.min(MILLIONS, 1 + (long) picture.width() * picture.height() / 1_000_000));
  }

  /** Waits until nothing else is open: for what tells nobody beforehand how much it takes. */
  Taken takeAll() throws InterruptedException {
    return take(MILLIONS);
  }

  private Taken take(int millions) throws InterruptedException {
    room.acquire(millions);
    return () -> room.release(millions);
  }
}
