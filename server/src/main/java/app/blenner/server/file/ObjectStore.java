package app.blenner.server.file;

import app.blenner.server.BlennerSettings;
import java.io.IOException;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.stream.Stream;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import software.amazon.awssdk.auth.credentials.AwsBasicCredentials;
import software.amazon.awssdk.auth.credentials.StaticCredentialsProvider;
import software.amazon.awssdk.core.checksums.RequestChecksumCalculation;
import software.amazon.awssdk.core.checksums.ResponseChecksumValidation;
import software.amazon.awssdk.core.exception.SdkException;
import software.amazon.awssdk.core.sync.RequestBody;
import software.amazon.awssdk.core.sync.ResponseTransformer;
import software.amazon.awssdk.regions.Region;
import software.amazon.awssdk.services.s3.S3Client;
import software.amazon.awssdk.services.s3.model.NoSuchKeyException;
import software.amazon.awssdk.services.s3.model.S3Exception;

/**
 * A store in a bucket of an object store that speaks S3: each file under its hash. An object is there whole or not at all by
 * that protocol. What is asked for is fetched once and kept beside the database, where it can be thrown away at any time.
 */
@Component
@ConditionalOnProperty(name = "blenner.store", havingValue = "s3")
class ObjectStore implements ByteStore {
  private static final int MISSING = 404;

  private final S3Client client;
  private final String bucket;
  private final Path near;

  ObjectStore(BlennerSettings settings) {
    BlennerSettings.ObjectStorage to = settings.s3();
    if (to == null || to.bucket() == null || to.key() == null || to.secret() == null) {
      throw new IllegalStateException(
          "blenner.store is s3; then blenner.s3.bucket, .key and .secret are needed too.");
    }
    bucket = to.bucket();
    near = settings.dataFolder().resolve("near");
    var builder =
        S3Client.builder()
            .region(Region.of(to.region() == null ? "us-east-1" : to.region()))
            .credentialsProvider(
                StaticCredentialsProvider.create(AwsBasicCredentials.create(to.key(), to.secret())))
            // Stores other than the first of their kind do not all know newer checksums.
            .requestChecksumCalculation(RequestChecksumCalculation.WHEN_REQUIRED)
            .responseChecksumValidation(ResponseChecksumValidation.WHEN_REQUIRED)
            .forcePathStyle(true);
    if (to.endpoint() != null) {
      builder.endpointOverride(URI.create(to.endpoint()));
    }
    client = builder.build();
  }

  private interface Asking<T> {
    T ask() throws IOException;
  }

  /** What the other side's failures mean here. */
  private static <T> T asked(Asking<T> asking) throws IOException {
    try {
      return asking.ask();
    } catch (SdkException e) {
      throw new IOException("The object store could not be asked: " + e.getMessage(), e);
    }
  }

  @Override
  public void keep(String hash, Path from) throws IOException {
    asked(() -> client.putObject(r -> r.bucket(bucket).key(hash), RequestBody.fromFile(from)));
    // Readers ask for it soon.
    Files.createDirectories(near);
    Path part = temporary();
    Files.move(from, part, StandardCopyOption.REPLACE_EXISTING);
    Files.move(part, near.resolve(hash), StandardCopyOption.ATOMIC_MOVE);
  }

  @Override
  public boolean has(String hash) throws IOException {
    return asked(
        () -> {
          try {
            client.headObject(r -> r.bucket(bucket).key(hash));
            return true;
          } catch (NoSuchKeyException e) {
            return false;
          } catch (S3Exception e) {
            if (e.statusCode() == MISSING) {
              return false;
            }
            throw e;
          }
        });
  }

  @Override
  public Path fileOf(String hash) throws IOException {
    Path here = near.resolve(hash);
    if (Files.isRegularFile(here)) {
      return here;
    }
    Path part = temporary();
    try {
      Files.delete(part); // the library wants to make it itself
      asked(
          () -> {
            try {
              return client.getObject(
                  r -> r.bucket(bucket).key(hash), ResponseTransformer.toFile(part));
            } catch (NoSuchKeyException e) {
              throw new NoSuchFileException(hash);
            }
          });
      return Files.move(part, here, StandardCopyOption.ATOMIC_MOVE);
    } finally {
      Files.deleteIfExists(part);
    }
  }

  @Override
  public Stream<String> all() throws IOException {
    return asked(
        () ->
            client.listObjectsV2Paginator(r -> r.bucket(bucket)).contents().stream()
                .map(o -> o.key())
                .filter(k -> k.matches("[0-9a-f]{64}")));
  }

  @Override
  public void remove(String hash) throws IOException {
    asked(() -> client.deleteObject(r -> r.bucket(bucket).key(hash)));
    Files.deleteIfExists(near.resolve(hash));
  }

  @Override
  public Path temporary() throws IOException {
    return Files.createTempFile(Files.createDirectories(near), "file", ".part");
  }
}
