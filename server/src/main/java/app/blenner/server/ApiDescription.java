package app.blenner.server;

import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The OpenAPI description, from which the front end's types are made. */
@Configuration
class ApiDescription {
  /** The few members that may be left out; of a record every other one is always there. */
  private static final Set<String> OPTIONAL =
      Set.of(
          "Session.person",
          "ContentInput.slug",
          "FixChoice.all",
          "FindingView.dismissed",
          "OutsidePlace.verdict",
          "OutsidePlace.askedAt",
          "NoteChange.words",
          "NoteChange.ticked",
          "NoteChange.place",
          "OutlineInput.body",
          "OutlineInput.role",
          "OutlineView.role",
          "ContentInput.dropped",
          "NewItem.outline",
          "ItemState.taken",
          "OfferedTools.toolset",
          "ToolsetPlace.role",
          "OnlyView.colours",
          "OnlyView.fonts",
          "OnlyView.sizes",
          "OnlyView.styles",
          "OnlyView.hosts",
          "SectionInput.parent",
          "SectionInput.step",
          "SectionInput.picture",
          "SectionInput.order",
          "SectionInput.picked",
          "SectionInput.size",
          "SectionInput.composed",
          "SectionInput.listed",
          "SectionInput.publishers",
          "BulkInput.section",
          "BulkInput.addTopics",
          "BulkInput.removeTopics",
          "BulkInput.addKeywords",
          "BulkInput.removeKeywords",
          "BulkInput.author",
          "BulkInput.action",
          "BulkInput.forReaders",
          "BulkInput.mending",
          "RuleSetting.weight",
          "RuleView.words",
          "LookUnderWay.found",
          "SiteReport.made");

  // The library's own signatures name the raw type.
  @SuppressWarnings({"rawtypes", "unchecked"})
  @Bean
  OpenApiCustomizer everyMemberIsThere() {
    return api -> {
      api.setInfo(new Info().title("Blenner").version("1"));
      api.setServers(List.of());
      for (Map.Entry<String, Schema> schema : api.getComponents().getSchemas().entrySet()) {
        Map<String, Schema> members = schema.getValue().getProperties();
        if (members != null) {
          List<String> required = new ArrayList<>(members.keySet());
          required.removeIf(m -> OPTIONAL.contains(schema.getKey() + "." + m));
          schema.getValue().setRequired(required);
        }
      }
    };
  }
}
