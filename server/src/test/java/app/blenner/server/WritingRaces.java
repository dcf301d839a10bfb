package app.blenner.server;

/** Races for what somebody asks while they write, and what keeps nothing. */
final class WritingRaces extends RaceTable {
  WritingRaces(Running running) {
    super(running);
    writing();
  }

  private void writing() {
    String text = "{\"body\":\"<p>a</p>\",\"language\":\"en\",\"chosen\":{}}";
    races.put(
        "POST /editor/api/intake/tidy", new Race(ANY, all("POST", API + "/intake/tidy", text)));
    races.put(
        "POST /editor/api/intake/tidy/mended",
        new Race(ANY, all("POST", API + "/intake/tidy/mended", text)));
    races.put(
        "POST /editor/api/intake/paste",
        new Race(
            ANY,
            all(
                "POST",
                API + "/intake/paste",
                "{\"html\":\"<p>a<img src='data:image/png;base64,"
                    + java.util.Base64.getEncoder().encodeToString(png(30, 30, 5))
                    + "'></p>\",\"text\":\"a\",\"mode\":\"CLEAN\"}")));
    races.put(
        "POST /editor/api/writing/length",
        new Race(ANY, all("POST", API + "/writing/length", text)));
    String typed = "{\"language\":\"HTML\",\"text\":\"<p>a</p>\"}";
    races.put(
        "POST /editor/api/writing/markup",
        new Race(ANY, all("POST", API + "/writing/markup", typed)));
    races.put(
        "POST /editor/api/writing/markup/reading",
        new Race(ANY, all("POST", API + "/writing/markup/reading", typed)));
    races.put(
        "POST /editor/api/intake/address",
        new Race(
            ANY, all("POST", API + "/intake/address", "{\"address\":\"http://localhost:1/\"}")));
    races.put(
        "POST /editor/api/intake/picture",
        new Race(
            ANY,
            all("POST", API + "/intake/picture", "{\"address\":\"http://localhost:1/a.png\"}")));
    races.put(
        "POST /site/contact/{key}/{number}",
        new Race(ANY, all("POST", "/site/contact/red-torch/1", "")));
  }
}
