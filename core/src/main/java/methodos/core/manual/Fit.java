package methodos.core.manual;

import java.util.List;
import methodos.core.description.Id;
import methodos.core.description.Required;
import methodos.core.quantity.Quantity;

/**
 * The part that is chosen of several sizes so that a clearance comes right.
 *
 * @param part id of the part, null where it is none of the list
 * @param wanted the clearance that is best
 * @param stock sizes that are stocked
 */
public record Fit(Id<Part> part, @Required Quantity wanted, List<Quantity> stock, FitRule rule) {
    public Fit {
        stock = stock == null ? List.of() : List.copyOf(stock);
        rule = rule == null ? FitRule.NEAREST : rule;
    }
}
