package app.blenner.server.problem;

import com.fasterxml.jackson.annotation.Nulls;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** A list that is sent has no holes: nothing that is asked for is a list with nothing in some of its places. */
@Component
class WholeLists implements JsonMapperBuilderCustomizer {

  @Override
  public void customize(JsonMapper.Builder mapper) {
    mapper.changeDefaultNullHandling(n -> n.withContentNulls(Nulls.FAIL));
  }
}
