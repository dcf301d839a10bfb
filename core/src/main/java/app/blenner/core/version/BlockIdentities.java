package app.blenner.core.version;

import app.blenner.core.document.Block;
import app.blenner.core.document.Document;
import app.blenner.core.document.TextHash;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Tells the outer blocks of a text apart over time: a block keeps its identity while words of it are changed and while others
 * are put before or behind it. Two changes of one text can be joined by holding against each other what became of each
 * identity. Nothing of it is kept in the text; whoever has the versions of a text can find it out again.
 *
 * @param document the text
 * @param ids an identity for each of its blocks, in their order; no two are the same
 */
public record BlockIdentities(Document document, List<String> ids) {

  public BlockIdentities {
    ids = List.copyOf(ids);
    if (ids.size() != document.blocks().size()) {
      throw new IllegalArgumentException("There are as many identities as blocks.");
    }
  }

  /** Of a text of which no earlier version is known: each block by what it says and, among those that say the same, by its place. */
  public static BlockIdentities of(Document document) {
    Set<String> taken = new HashSet<>();
    return new BlockIdentities(
        document, document.blocks().stream().map(b -> made(b, taken)).toList());
  }

  /**
   * Of the next version of this text. Blocks that are the same, or that share a third of their words with the one that stood
   * in their place, keep their identities; what is new gets one that was never given in this version.
   */
  public BlockIdentities afterChange(Document after) {
    List<Block> before = document.blocks();
    List<String> carried = new ArrayList<>();
    int at = 0;
    for (Differences.Stretch s : Differences.of(before, after.blocks())) {
      carried.addAll(ids.subList(at, s.from()));
      changed(carried, s, before, after.blocks());
      at = s.to();
    }
    carried.addAll(ids.subList(at, before.size()));
    Set<String> taken = new HashSet<>(ids);
    List<String> all = new ArrayList<>(carried.size());
    for (int i = 0; i < carried.size(); i++) {
      String id = carried.get(i);
      all.add(id == null ? made(after.blocks().get(i), taken) : id);
    }
    return new BlockIdentities(after, all);
  }

  /** Adds what a stretch that differs hands on; null for each block that is new. */
  private void changed(
      List<String> carried, Differences.Stretch s, List<Block> before, List<Block> after) {
    int at = s.from();
    for (Pairing.Pair pair :
        Pairing.of(before.subList(s.from(), s.to()), after.subList(s.otherFrom(), s.otherTo()))) {
      boolean one = pair.theirs().size() == 1 && pair.mine().size() == 1;
      boolean same = one && pair.theirs().get(0).getClass() == pair.mine().get(0).getClass();
      for (int i = 0; i < pair.mine().size(); i++) {
        carried.add(same ? ids.get(at) : null);
      }
      at += pair.theirs().size();
    }
  }

  private static String made(Block block, Set<String> taken) {
    String said = TextHash.of(block.toString());
    String id = said;
    for (int nth = 2; !taken.add(id); nth++) {
      id = said + "-" + nth;
    }
    return id;
  }
}
