package mildlantern.web.treatment;

import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import mildlantern.mixing.Carrier;
import mildlantern.mixing.Measure;
import mildlantern.treatment.Style;
import mildlantern.web.platform.FormKey;
import mildlantern.web.platform.SignedIn;
import mildlantern.web.stop.Houses;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
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
    String list(@AuthenticationPrincipal SignedIn member, Model model) {
        return show(member, ProductForm.EMPTY, Map.of(), model);
    }

    private String show(SignedIn member, ProductForm typed, Map<String, String> problems, Model model) {
        model.addAttribute("products", products.list(member.collection()));
        model.addAttribute("means", products.means());
        model.addAttribute("measures", Measure.values());
        model.addAttribute("carriers", Carrier.values());
        model.addAttribute("styles", Style.values());
        model.addAttribute("style", houses.style(member.collection()));
        model.addAttribute("typed", typed);
        model.addAttribute("problems", problems);
        model.addAttribute("form", FormKey.fresh());
        return "treatment/products";
    }

    @PostMapping("/products")
    String keep(
            @AuthenticationPrincipal SignedIn member,
            @RequestParam FormKey form,
            @RequestParam(defaultValue = "") String name,
            @RequestParam(defaultValue = "") String means,
            @RequestParam(defaultValue = "") String ingredient,
            @RequestParam(defaultValue = "") String group,
            @RequestParam(defaultValue = "") String least,
            @RequestParam(defaultValue = "") String most,
            @RequestParam(defaultValue = "MILLILITRE") Measure measure,
            @RequestParam(defaultValue = "LITRE") Carrier carrier,
            @RequestParam(defaultValue = "") String interval,
            @RequestParam(defaultValue = "") String uses,
            @RequestParam(defaultValue = "") String notOn,
            @RequestParam(defaultValue = "") String registered,
            HttpServletResponse response,
            Model model) {
        ProductForm typed = new ProductForm(
                name, means, ingredient, group, least, most, measure, carrier, interval, uses, notOn, registered);
        Map<String, String> problems = products.keep(member.collection(), form, typed);
        if (problems.isEmpty()) {
            return "redirect:/products";
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        return show(member, typed, problems, model);
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
