package mildlantern.bench;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublisher;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Somebody with a browser: cookies, and the token of the last page that had one. */
final class Visitor {
    private static final Duration PATIENCE = Duration.ofSeconds(100);

    private final CookieManager cookies = new CookieManager();
    private final HttpClient client = HttpClient.newBuilder()
            .cookieHandler(cookies)
            .followRedirects(HttpClient.Redirect.NORMAL)
            .build();
    private String token = "";

    Visitor signIn(String name, String password) throws IOException, InterruptedException {
        String door = page("/sign-in");
        HttpResponse<String> in = post(
                "/sign-in",
                Map.of(
                        "username",
                        name,
                        "password",
                        password,
                        "_csrf",
                        first("name=\"_csrf\" value=\"([^\"]+)\"", door)));
        if (!in.body().contains("Sign out")) {
            throw new IllegalStateException(name + " could not sign in");
        }
        remember(in.body());
        return this;
    }

    private void remember(String page) {
        Matcher found = Pattern.compile("X-CSRF-TOKEN&quot;:&quot;([^&]+)&quot;|name=\"_csrf\" value=\"([^\"]+)\"")
                .matcher(page);
        if (found.find()) {
            token = found.group(1) == null ? found.group(2) : found.group(1);
        }
    }

    /** Its cookies, as a request carries them. */
    String cookie() {
        return cookies.getCookieStore().getCookies().stream()
                .map(cookie -> cookie.getName() + "=" + cookie.getValue())
                .collect(Collectors.joining("; "));
    }

    HttpRequest.Builder to(String address) {
        return HttpRequest.newBuilder(URI.create(Served.root() + address))
                .timeout(PATIENCE)
                .header("X-CSRF-TOKEN", token);
    }

    HttpResponse<String> get(String address) throws IOException, InterruptedException {
        return send(to(address).build());
    }

    /** A page, which must be there. */
    String page(String address) throws IOException, InterruptedException {
        return expected(get(address), address);
    }

    HttpResponse<String> post(String address, Map<String, String> fields) throws IOException, InterruptedException {
        return send(to(address)
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(BodyPublishers.ofString(form(fields)))
                .build());
    }

    /** What changes a part of a page, as the browser's script sends it. */
    String part(String address, Map<String, String> fields) throws IOException, InterruptedException {
        return expected(
                send(to(address)
                        .header("Content-Type", "application/x-www-form-urlencoded")
                        .header("HX-Request", "true")
                        .POST(BodyPublishers.ofString(form(fields)))
                        .build()),
                address);
    }

    HttpResponse<String> file(String address, String field, BodyPublisher content, Map<String, String> fields)
            throws IOException, InterruptedException {
        StringBuilder before = new StringBuilder();
        fields.forEach((name, value) -> before.append("--lantern\r\nContent-Disposition: form-data; name=\"")
                .append(name)
                .append("\"\r\n\r\n")
                .append(value)
                .append("\r\n"));
        before.append("--lantern\r\nContent-Disposition: form-data; name=\"")
                .append(field)
                .append("\"; filename=\"sent\"\r\nContent-Type: application/octet-stream\r\n\r\n");
        return send(to(address)
                .header("Content-Type", "multipart/form-data; boundary=lantern")
                .POST(BodyPublishers.concat(
                        BodyPublishers.ofString(before.toString()),
                        content,
                        BodyPublishers.ofString("\r\n--lantern--\r\n")))
                .build());
    }

    HttpResponse<String> send(HttpRequest request) throws IOException, InterruptedException {
        HttpResponse<String> answer = client.send(request, HttpResponse.BodyHandlers.ofString());
        remember(answer.body());
        return answer;
    }

    private static String expected(HttpResponse<String> answer, String address) {
        if (answer.statusCode() != 200) {
            throw new IllegalStateException(address + " answered " + answer.statusCode());
        }
        return answer.body();
    }

    private static String form(Map<String, String> fields) {
        StringBuilder form = new StringBuilder();
        fields.forEach((name, value) -> form.append(form.isEmpty() ? "" : "&")
                .append(name)
                .append('=')
                .append(URLEncoder.encode(value, StandardCharsets.UTF_8)));
        return form.toString();
    }

    static List<String> all(Pattern pattern, String text) {
        return pattern.matcher(text)
                .results()
                .map(found -> found.group(1))
                .distinct()
                .toList();
    }

    static String first(String pattern, String text) {
        return all(Pattern.compile(pattern), text).stream()
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("the page lacks " + pattern));
    }
}
