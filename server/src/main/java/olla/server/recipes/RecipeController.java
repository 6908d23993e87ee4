package olla.server.recipes;

import java.util.List;
import java.util.UUID;
import olla.server.web.Pages;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The recipe book, and the list for the shop. */
@RestController
@RequestMapping("/api")
class RecipeController {

    private final RecipeService recipes;

    RecipeController(RecipeService recipes) {
        this.recipes = recipes;
    }

    @GetMapping("/recipes")
    List<RecipeView> list() {
        return recipes.all();
    }

    @GetMapping("/recipes/{id}")
    RecipeView one(@PathVariable UUID id, @RequestParam(required = false) Integer pieces) {
        return recipes.one(id, pieces);
    }

    @PutMapping("/recipes/{id}")
    RecipeView write(@PathVariable UUID id, @RequestBody RecipeInput input) {
        return recipes.write(id, input);
    }

    @DeleteMapping("/recipes/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void forget(@PathVariable UUID id) {
        recipes.forget(id);
    }

    /** A file of schema.org's vocabulary. */
    @GetMapping(value = "/recipes/{id}/file", produces = Pages.JSON_LD)
    ResponseEntity<String> file(@PathVariable UUID id) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"recipe.jsonld\"")
                .body(recipes.give(id));
    }

    /** Takes such a file; asked again with the same id it replaces what was taken before. */
    @PostMapping(value = "/recipes/{id}/file", consumes = Pages.JSON_LD)
    @ResponseStatus(HttpStatus.CREATED)
    RecipeView take(@PathVariable UUID id, @RequestBody String text) {
        return recipes.take(id, text);
    }

    /** A list for the shop: like with like, as text and as CSV. */
    @PostMapping("/shopping")
    ShoppingList shopping(@RequestBody ShoppingRequest request) {
        return ShoppingList.of(request);
    }
}
