package app.blenner.server;

import static org.testng.Assert.assertEquals;

import java.nio.file.Files;
import java.nio.file.Path;
import org.testng.annotations.Test;
import tools.jackson.databind.json.JsonMapper;

/** The committed OpenAPI description, from which the front end's types are made, is the live one. */
public class ApiDescriptionTest {
  @Test
  public void isUpToDate() throws Exception {
    String live = Running.demo().signedIn("ilse").get("/editor/api/openapi").text();
    Path committed = Path.of("openapi.json");
    if (System.getProperty("write-api") != null) {
      JsonMapper pretty = JsonMapper.builder().build();
      Files.writeString(
          committed,
          pretty.writerWithDefaultPrettyPrinter().writeValueAsString(pretty.readTree(live)) + "\n");
    }
    assertEquals(
        JsonMapper.shared().readTree(live),
        JsonMapper.shared().readTree(Files.readString(committed)),
        "run: mvn -pl server -am test -Dtest=ApiDescriptionTest -Dwrite-api, then npm run types in web");
  }
}
