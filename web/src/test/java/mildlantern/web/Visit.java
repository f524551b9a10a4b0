package mildlantern.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Somebody over real HTTP, with the cookies and the token of the last page. */
public final class Visit {
    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"");

    private final int port;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient client = HttpClient.newBuilder()
            .cookieHandler(cookies)
            .followRedirects(HttpClient.Redirect.NORMAL)
            .build();
    private String token = "";

    /** A stranger. */
    public Visit(int port) {
        this.port = port;
    }

    /** A grower who has signed in. */
    public Visit(int port, Growers.Grower grower) throws Exception {
        this(port);
        signIn(grower.signIn(), Growers.PASSWORD);
    }

    public HttpResponse<String> signIn(String name, String password) throws Exception {
        open("/sign-in");
        return form("/sign-in", "username=" + encoded(name) + "&password=" + encoded(password));
    }

    public static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }

    public HttpRequest.Builder to(String address) {
        return HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + address))
                .header("X-CSRF-TOKEN", token);
    }

    /** Opens a page that has a form on it. */
    public String open(String address) throws Exception {
        String page = send(to(address).build()).body();
        Matcher found = TOKEN.matcher(page);
        assertThat(found.find()).as(page).isTrue();
        token = found.group(1);
        return page;
    }

    public HttpResponse<String> form(String address, String fields) throws Exception {
        return send(to(address)
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString(fields))
                .build());
    }

    /** Sends a file with its form. */
    public HttpResponse<String> file(String address, String field, String name, byte[] bytes, String... fields)
            throws Exception {
        String boundary = "lantern";
        StringBuilder before = new StringBuilder();
        for (int i = 0; i < fields.length; i += 2) {
            before.append("--lantern\r\nContent-Disposition: form-data; name=\"%s\"\r\n\r\n%s\r\n"
                    .formatted(fields[i], fields[i + 1]));
        }
        before.append(
                "--lantern\r\nContent-Disposition: form-data; name=\"%s\"; filename=\"%s\"\r\n".formatted(field, name));
        before.append("Content-Type: application/octet-stream\r\n\r\n");
        return send(to(address)
                .header("Content-Type", "multipart/form-data; boundary=" + boundary)
                .POST(HttpRequest.BodyPublishers.concat(
                        HttpRequest.BodyPublishers.ofString(before.toString()),
                        HttpRequest.BodyPublishers.ofByteArray(bytes),
                        HttpRequest.BodyPublishers.ofString("\r\n--lantern--\r\n")))
                .build());
    }

    public HttpResponse<String> send(HttpRequest request) throws Exception {
        return client.send(request, HttpResponse.BodyHandlers.ofString());
    }

    public void token(String other) {
        token = other;
    }

    public CookieManager cookies() {
        return cookies;
    }
}
