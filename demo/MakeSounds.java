import java.io.ByteArrayInputStream;
import java.io.File;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;

/** Makes the demo's sound by computation: {@code java demo/MakeSounds.java}. */
class MakeSounds {
  private static final int RATE = 8000;

  public static void main(String[] args) throws Exception {
    byte[] samples = new byte[RATE * 4];
    for (int i = 0; i < samples.length; i++) {
      double t = (double) i / RATE;
      // Two calls, the second longer, each swelling and fading.
      double level = swell(t, 0.4, 0.5) + swell(t, 1.4, 1.2);
      double tone = Math.sin(2 * Math.PI * 380 * t) + 0.3 * Math.sin(2 * Math.PI * 760 * t);
      samples[i] = (byte) (128 + 60 * level * tone);
    }
    AudioFormat format = new AudioFormat(RATE, 8, 1, false, false);
    AudioSystem.write(
        new AudioInputStream(new ByteArrayInputStream(samples), format, samples.length),
        AudioFileFormat.Type.WAVE,
        new File("demo/assets/owl-call.wav"));
  }

  private static double swell(double t, double start, double length) {
    double x = (t - start) / length;
    return x <= 0 || x >= 1 ? 0 : Math.sin(Math.PI * x);
  }
}
