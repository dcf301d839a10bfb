package app.blenner.server.item.words;

import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface WordInUseRepository extends JpaRepository<WordInUseEntity, String> {

  List<WordInUseEntity> findByItemKey(String itemKey);

  @Query(
      "select new app.blenner.server.item.words.WordsInUse$Used(min(w.word), count(w)) from WordInUseEntity w"
          + " where (:all = true or exists (select 1 from ItemEntity i where i.itemKey = w.itemKey and (i.stage <> DRAFT or i.ownerId = :me)))"
          + " and w.field = :field and w.lowerWord like :begins escape '\\'"
          + " group by w.lowerWord order by count(w) desc, w.lowerWord")
  List<WordsInUse.Used> used(String field, String begins, boolean all, long me, Limit limit);
}
