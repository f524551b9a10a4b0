package mildlantern.web.platform;

import java.util.Optional;
import org.springframework.core.ResolvableType;
import org.springframework.core.convert.ConversionService;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.validation.DirectFieldBindingResult;
import org.springframework.web.bind.WebDataBinder;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.InitBinder;

/** Lets forms be records: they are bound through their constructor and shown from their fields. */
@ControllerAdvice
public class RecordForms {
    private final ConversionService conversion;

    RecordForms(ConversionService mvcConversionService) {
        this.conversion = mvcConversionService;
    }

    @InitBinder
    void byField(WebDataBinder binder) {
        Optional.ofNullable(binder.getTargetType())
                .map(ResolvableType::resolve)
                .filter(Class::isRecord)
                .ifPresent(type -> {
                    binder.initDirectFieldAccess();
                    // Records have no setters: the constructor takes everything.
                    binder.setDeclarativeBinding(true);
                });
    }

    /** Shows a form that was not sent yet. */
    public void show(Model model, String name, Record form) {
        DirectFieldBindingResult fresh = new DirectFieldBindingResult(form, name);
        fresh.initConversion(conversion);
        model.addAttribute(name, form);
        model.addAttribute(BindingResult.MODEL_KEY_PREFIX + name, fresh);
    }
}
