package app.blenner.core.archive;

import java.util.AbstractList;
import java.util.List;
import java.util.function.Function;

/** Lists whose entries are made when they are asked for and not kept: a site has more items than fit into memory. */
public final class LazyList {
  private LazyList() {}

  /** A list of what becomes of the entries of another; each time one is asked for it is made again. */
  public static <A, B> List<B> map(List<A> of, Function<A, B> maker) {
    return new AbstractList<>() {
      @Override
      public B get(int index) {
        return maker.apply(of.get(index));
      }

      @Override
      public int size() {
        return of.size();
      }
    };
  }
}
