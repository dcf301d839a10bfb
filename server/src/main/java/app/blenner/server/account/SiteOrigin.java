package app.blenner.server.account;

/** Where people find the site, for what is sent to them: never what a request says of itself, which anybody can write. */
public interface SiteOrigin {

  /** Scheme, host and port, such as https://www.example.org. */
  String origin();
}
