package olla.server.recipes;

import java.util.List;
import java.util.UUID;
import olla.server.web.Pages;
import olla.server.web.Versions;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
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

    /** Writes a recipe: a new one, or over the version that the If-Match names. */
    @PutMapping("/recipes/{id}")
    RecipeView write(
            @PathVariable UUID id,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch,
            @RequestBody RecipeInput input) {
        return recipes.write(id, ifMatch == null ? RecipeService.NEW : Versions.named(ifMatch), input);
    }

    @DeleteMapping("/recipes/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void forget(@PathVariable UUID id, @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch) {
        recipes.forget(id, Versions.named(ifMatch));
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
        return recipes.take(id, recipes.read(text));
    }

    /** Reads lines of ingredients as cooks say them; stores nothing. */
    @PostMapping("/ingredients")
    List<LineView> lines(@RequestBody LinesRequest request) {
        return recipes.lines(request);
    }

    /** A list for the shop: like with like, as text and as CSV. */
    @PostMapping("/shopping")
    ShoppingList shopping(@RequestBody ShoppingRequest request) {
        return ShoppingList.of(request);
    }
}
