package dev.steelyard.web.store.prices;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonInclude;
import dev.steelyard.core.card.Customer;
import io.swagger.v3.oas.annotations.media.Schema;
import org.jspecify.annotations.Nullable;

/** For whom prices were asked, as the answer says it. */
@JsonInclude(JsonInclude.Include.NON_NULL)
@Schema(name = "CustomerSeen", description = "For whom prices are: whom the request named, or a guest.")
public record AskedCustomer(
        @JsonIgnore Customer customer,
        @Schema(description = "true where nobody was named, or who was named could not be believed") boolean guest,
        @Nullable String group,
        @Schema(description = "the country whose tax and prices count, ISO 3166") String country,
        @Schema(description = "why the customer token was not believed") @Nullable String why) {

    static AskedCustomer of(Customer customer, String home, @Nullable String why) {
        Customer at = customer.country() == null
                ? new Customer(customer.group(), customer.signedIn(), customer.firstOrder(), home)
                : customer;
        return new AskedCustomer(
                at,
                customer.group() == null && !customer.signedIn() && !customer.firstOrder(),
                at.group(),
                at.country() == null ? home : at.country(),
                why);
    }
}
