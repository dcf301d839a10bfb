package app.blenner.server.site;

import app.blenner.core.signoff.Right;
import app.blenner.core.site.FrontPage;
import app.blenner.core.site.Section;
import app.blenner.server.account.AccountService;
import app.blenner.server.audit.AuditService;
import app.blenner.server.audit.Audited;
import app.blenner.server.problem.Problem;
import app.blenner.server.revision.IfMatch;
import app.blenner.server.site.SectionViews.FrontView;
import app.blenner.server.site.SectionViews.InMenus;
import app.blenner.server.site.SectionViews.InSection;
import app.blenner.server.site.SectionViews.MenusView;
import app.blenner.server.site.SectionViews.MoveInput;
import app.blenner.server.site.SectionViews.SectionInput;
import app.blenner.server.site.SectionViews.SectionView;
import jakarta.validation.Valid;
import java.util.Set;
import org.springframework.http.HttpHeaders;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The sections of the site, its menus and its front page, for the editor. */
@RestController
@RequestMapping("/editor/api/site")
class SectionController {
  private final SectionService sections;
  private final PlacedItems items;
  private final MenuService menus;
  private final AuditService audit;
  private final Placing placing;

  SectionController(
      SectionService sections,
      PlacedItems items,
      MenuService menus,
      AuditService audit,
      Placing placing) {
    this.placing = placing;
    this.sections = sections;
    this.items = items;
    this.menus = menus;
    this.audit = audit;
  }

  @PostMapping("/sections")
  @Transactional
  SectionView add(@Valid @RequestBody SectionInput given) {
    AccountService.needs(Right.SET_UP);
    Section wanted = given.of(new Section("", "", "").withAddressPart(""));
    placing.check(Set.of(), Placing.in(wanted));
    Section added = sections.add(wanted);
    note("a new section, “" + added.name() + "”");
    return toView(added);
  }

  @PutMapping("/sections/{slug}")
  @Transactional
  SectionView change(
      @PathVariable String slug,
      @Valid @RequestBody SectionInput given,
      @RequestHeader(HttpHeaders.IF_MATCH) IfMatch seen) {
    AccountService.needs(Right.SET_UP);
    check(seen, slug);
    Section before = section(slug);
    Section wanted = given.of(before);
    placing.check(Placing.in(before), Placing.in(wanted));
    Section changed = sections.change(slug, wanted);
    note("the section “" + changed.name() + "”");
    return toView(changed);
  }

  @PostMapping("/sections/{slug}/move")
  @Transactional
  SectionView move(
      @PathVariable String slug,
      @Valid @RequestBody MoveInput given,
      @RequestHeader(HttpHeaders.IF_MATCH) IfMatch seen) {
    AccountService.needs(Right.SET_UP);
    check(seen, slug);
    Section moved = sections.move(slug, given.parent(), given.before());
    note("where the section “" + moved.name() + "” stands");
    return toView(moved);
  }

  @GetMapping("/sections/{slug}/items")
  InSection items(@PathVariable String slug) {
    section(slug);
    return new InSection(items.count(slug));
  }

  @PutMapping("/menus")
  @Transactional
  MenusView menus(
      @Valid @RequestBody MenusView given, @RequestHeader(HttpHeaders.IF_MATCH) IfMatch seen) {
    AccountService.needs(Right.SET_UP);
    seen.check("the menus", MenusView.of(menus.menus()));
    placing.check(Placing.in(menus.menus()), Placing.in(given.menus()));
    MenusView set = MenusView.of(menus.set(given.menus()));
    note("the menus");
    return set;
  }

  /** Puts an item into the menus, or takes it out of them. */
  @PutMapping("/menus/items/{key}")
  @Transactional
  MenusView place(
      @PathVariable String key,
      @Valid @RequestBody InMenus given,
      @RequestHeader(HttpHeaders.IF_MATCH) IfMatch seen) {
    AccountService.needs(Right.SET_UP);
    seen.check("the menus", MenusView.of(menus.menus()));
    if (given.main() || given.foot()) {
      placing.check(Placing.in(menus.menus()), Set.of(key));
    }
    MenusView set = MenusView.of(menus.placeItem(key, given.main(), given.foot()));
    note("the menus");
    return set;
  }

  @PutMapping("/front")
  @Transactional
  FrontView front(
      @Valid @RequestBody FrontView given, @RequestHeader(HttpHeaders.IF_MATCH) IfMatch seen) {
    AccountService.needs(Right.SET_UP);
    seen.check("the front page", FrontView.of(menus.front()));
    placing.check(Set.of(menus.front().composed()), Set.of(given.composed()));
    FrontPage front = menus.front(new FrontPage(given.composed(), given.listed()));
    note("the front page");
    return FrontView.of(front);
  }

  /** Waits for others first: what is read before they are done stays as it was read until the transaction ends. */
  private void check(IfMatch seen, String slug) {
    sections.holdAll();
    Section now = section(slug);
    seen.check("the section “" + now.name() + "”", toView(now));
  }

  private Section section(String slug) {
    return sections
        .tree()
        .findSection(slug)
        .orElseThrow(() -> Problem.notThere("There is no section “" + slug + "”."));
  }

  private SectionView toView(Section section) {
    return SectionView.of(section, sections.tree());
  }

  private void note(String what) {
    audit.note(AccountService.current().name(), Audited.SET_UP_CHANGED, what);
  }
}
