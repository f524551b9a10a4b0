package mildlantern.web.treatment;

import java.util.Map;
import mildlantern.mixing.Carrier;
import mildlantern.mixing.Measure;
import mildlantern.treatment.Style;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.Reply;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.stop.Houses;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The grower's own products and the style of the house. */
@Controller
class ProductController {
    private final ProductService products;
    private final Houses houses;

    ProductController(ProductService products, Houses houses) {
        this.products = products;
        this.houses = houses;
    }

    @GetMapping("/products")
    String list(@AuthenticationPrincipal SignedIn member, Reply reply) {
        return show(member, ProductForm.EMPTY, Map.of(), reply);
    }

    private String show(SignedIn member, ProductForm typed, Map<String, String> problems, Reply reply) {
        reply.put("products", products.list(member.collection()));
        reply.put("means", products.means());
        reply.put("measures", Measure.values());
        reply.put("carriers", Carrier.values());
        reply.put("styles", CourseViews.styles(houses.style(member.collection()), houses.style(member.collection())));
        reply.put("style", houses.style(member.collection()));
        reply.put("typed", typed);
        reply.put("problems", problems);
        reply.put("form", FormKey.fresh());
        return "treatment/products";
    }

    @PostMapping("/products")
    String keep(@AuthenticationPrincipal SignedIn member, @RequestParam FormKey form, ProductForm typed, Reply reply) {
        Map<String, String> problems = products.keep(member.collection(), form, typed);
        if (problems.isEmpty()) {
            return "redirect:/products";
        }
        reply.wrong();
        return show(member, typed, problems, reply);
    }

    @PostMapping("/products/{id}/registered")
    String registered(@AuthenticationPrincipal SignedIn member, @PathVariable ProductId id, @RequestParam boolean yes) {
        products.answer(member.collection(), id, yes);
        return "redirect:/products";
    }

    @PostMapping("/products/{id}/remove")
    String remove(@AuthenticationPrincipal SignedIn member, @PathVariable ProductId id) {
        products.remove(member.collection(), id);
        return "redirect:/products";
    }

    @PostMapping("/style")
    String style(@AuthenticationPrincipal SignedIn member, @RequestParam Style style) {
        houses.prefer(member.collection(), style);
        return "redirect:/products";
    }
}
