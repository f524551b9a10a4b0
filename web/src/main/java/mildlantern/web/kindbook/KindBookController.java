package mildlantern.web.kindbook;

import java.time.Duration;
import java.util.Optional;
import mildlantern.plant.Family;
import mildlantern.web.platform.NotHere;
import mildlantern.web.platform.Reply;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** The book of kinds. */
@Controller
class KindBookController {
    private static final Duration KEPT = Duration.ofHours(8);

    private final KindBook book;

    KindBookController(KindBook book) {
        this.book = book;
    }

    @GetMapping("/kinds")
    String kinds(
            @RequestParam(defaultValue = "") String q,
            @RequestParam Optional<Family> family,
            @RequestParam(defaultValue = "1") int page,
            Reply reply) {
        reply.put("page", book.page(q.strip(), family, page));
        reply.put("families", Family.values());
        return "kindbook/kinds";
    }

    @GetMapping(value = "/kinds/{id}/plate.svg", produces = "image/svg+xml")
    ResponseEntity<String> plate(@PathVariable String id) {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.maxAge(KEPT).cachePrivate())
                .body(book.plate(id)
                        .orElseThrow(() -> new NotHere("kind of plant"))
                        .picture());
    }
}
