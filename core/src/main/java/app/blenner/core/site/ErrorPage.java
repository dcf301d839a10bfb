package app.blenner.core.site;

import app.blenner.core.document.Escaping;

/**
 * The page that is shown where there is no page of the site to show: it asks for nothing, neither the database nor a
 * style sheet, since either may be what is missing.
 */
public final class ErrorPage {
  private ErrorPage() {}

  /**
   * The page.
   *
   * @param status the HTTP status
   * @param sentence what happened, and what to do
   * @param number of the request, for whoever looks after the server
   */
  public static String of(int status, String sentence, String number) {
    String said = escaped(sentence);
    return """
        <!DOCTYPE html>
        <html lang="en">
        <head>
        <meta charset="utf-8">
        <meta name="viewport" content="width=device-width, initial-scale=1">
        <meta name="robots" content="noindex">
        <title>%s</title>
        <style>
        body { margin: 0; padding: 12vh 24px; background: #f6f3ec; color: #1d2433; font: 18px/1.5 Georgia, serif }
        main { max-width: 34em; margin: 0 auto }
        h1 { font-size: 28px; line-height: 1.25 }
        a { color: #0b5d66 }
        p.number { color: #575f72; font-size: 14px }
        </style>
        </head>
        <body>
        <main>
        <h1>%s</h1>
        <p><a href="/">To the front page</a></p>
        <p class="number">%d, request %s</p>
        </main>
        </body>
        </html>
        """
        .formatted(said, said, status, escaped(number));
  }

  private static String escaped(String words) {
    StringBuilder out = new StringBuilder();
    Escaping.writeText(out, words);
    return out.toString();
  }
}
