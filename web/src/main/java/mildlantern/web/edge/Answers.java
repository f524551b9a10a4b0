package mildlantern.web.edge;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.util.HtmlUtils;
import tools.jackson.databind.node.JsonNodeFactory;

/** How something that went wrong is answered: as a problem document where a program asks, as a plain page where no page can be made. */
final class Answers {
    private Answers() {}

    /**
     * What went wrong, in the words of the reader.
     *
     * @param status of the answer
     * @param title in a few words
     * @param what happened
     * @param kept what became of what was sent
     */
    record Wrong(HttpStatus status, String title, String what, String kept) {}

    /** Whether a program asks: at an address for programs, or for JSON and no page. */
    static boolean asProgram(HttpServletRequest request) {
        String accept = Optional.ofNullable(request.getHeader(HttpHeaders.ACCEPT))
                .orElse("")
                .toLowerCase(Locale.ROOT);
        return request.getRequestURI().startsWith("/api/")
                || accept.contains("json") && !accept.contains(MediaType.TEXT_HTML_VALUE);
    }

    static ProblemDetail document(Wrong wrong) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(wrong.status(), wrong.what() + " " + wrong.kept());
        problem.setTitle(wrong.title());
        return problem;
    }

    static ResponseEntity<Object> json(Wrong wrong) {
        return ResponseEntity.status(wrong.status())
                .contentType(MediaType.APPLICATION_PROBLEM_JSON)
                .body(document(wrong));
    }

    /** Answers without a template, a session or the database, for what fails before a page is reached. */
    static void plain(HttpServletRequest request, HttpServletResponse response, Wrong wrong) throws IOException {
        if (response.isCommitted()) {
            return;
        }
        response.reset();
        response.setStatus(wrong.status().value());
        response.setHeader("Content-Security-Policy", SecurityConfiguration.CONTENT_POLICY);
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
        if (wrong.status() == HttpStatus.SERVICE_UNAVAILABLE) {
            response.setHeader(HttpHeaders.RETRY_AFTER, "5");
        }
        boolean json = asProgram(request);
        String body = json
                ? JsonNodeFactory.instance
                        .objectNode()
                        .put("type", "about:blank")
                        .put("title", wrong.title())
                        .put("status", wrong.status().value())
                        .put("detail", wrong.what() + " " + wrong.kept())
                        .toString()
                : PAGE.formatted(
                        HtmlUtils.htmlEscape(wrong.title()),
                        STARTED,
                        HtmlUtils.htmlEscape(wrong.title()),
                        HtmlUtils.htmlEscape(wrong.what()),
                        HtmlUtils.htmlEscape(wrong.kept()));
        byte[] bytes = body.strip().getBytes(StandardCharsets.UTF_8);
        response.setContentType(
                json ? MediaType.APPLICATION_PROBLEM_JSON_VALUE : "text/html;charset=" + StandardCharsets.UTF_8);
        response.setContentLength(bytes.length);
        response.getOutputStream().write(bytes);
    }

    /** With it, a style of the version before is not taken for this one's. */
    private static final String STARTED = Long.toString(ProcessHandle.current().pid(), 36);

    private static final String PAGE = """
            <!DOCTYPE html>
            <html lang="en">
            <head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>%s · Mild Lantern</title>
            <link rel="stylesheet" href="/frame/frame.css?%s"></head>
            <body class="plain"><main id="main"><section class="problem-page"><h1>%s</h1><p>%s</p><p class="kept"><b>What was kept:</b> %s</p>
            <p><a class="press do" href="/">Go on</a></p></section></main></body></html>
            """;
}
