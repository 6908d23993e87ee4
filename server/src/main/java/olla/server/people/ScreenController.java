package olla.server.people;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import olla.server.load.Asker;
import olla.server.tenancy.WhoseKitchen;
import olla.server.web.Lan;
import olla.server.web.NotNow;
import olla.server.web.NotThere;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseCookie;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Who asks, and which screens may. */
@RestController
@RequestMapping("/api")
class ScreenController {

    /* As long as browsers keep a cookie at most (published: RFC 6265bis). */
    private static final Duration KEPT = Duration.ofDays(400);

    private final ScreenService screens;
    private final People people;
    private final WrongCodes wrong;
    private final Lan lan;

    ScreenController(ScreenService screens, People people, WrongCodes wrong, Lan lan) {
        this.screens = screens;
        this.people = people;
        this.wrong = wrong;
        this.lan = lan;
    }

    /** Who asks. */
    @GetMapping("/me")
    MeView me(HttpServletRequest request, @AuthenticationPrincipal Object who) {
        if (!lan.asks(request)) {
            return MeView.machine(lan.open());
        }
        return who instanceof LetIn screen ? MeView.of(screen) : MeView.stranger();
    }

    /** Somebody says who they are, at a screen that several hands use. */
    @PutMapping("/me/person")
    MeView signIn(HttpServletRequest request, @AuthenticationPrincipal Object who, @RequestBody PinInput input) {
        LetIn screen = shared(who);
        People.SignedIn signedIn = people.signIn(input).orElseThrow(() -> people.wrong(input.person()));
        AtScreen.enter(request, screen, signedIn);
        return MeView.of(screen.by(signedIn.person()));
    }

    /** They have gone. */
    @DeleteMapping("/me/person")
    MeView signOut(HttpServletRequest request, @AuthenticationPrincipal Object who) {
        LetIn screen = shared(who);
        AtScreen.leave(request);
        return MeView.of(screen.by(null));
    }

    private static LetIn shared(Object who) {
        if (who instanceof LetIn screen && screen.shared()) {
            return screen;
        }
        throw new NotNow("cannot.not-shared");
    }

    @GetMapping("/screens")
    List<ScreenView> all() {
        return screens.all();
    }

    /** A code by which one screen is let in. */
    @PutMapping("/invitations/{id}")
    InvitationView invite(@PathVariable UUID id, @RequestBody InvitationInput input) {
        return screens.invite(id, input);
    }

    /** Lets the screen in that asks, and gives it its key as a cookie. */
    @PutMapping("/screens/{id}")
    ResponseEntity<ScreenView> pair(@PathVariable UUID id, @RequestBody PairInput input) {
        String address = Asker.nameHere();
        wrong.check(address);
        ScreenService.Paired paired =
                WhoseKitchen.in(WhoseKitchen.ALL, () -> screens.pair(id, input)).orElse(null);
        if (paired == null) {
            wrong.count(address);
            throw new NotThere("refusal.no-such-code");
        }
        ResponseCookie key = ResponseCookie.from(ScreenKeys.COOKIE, paired.key())
                .httpOnly(true)
                .secure(true)
                .sameSite("Strict")
                .path("/")
                .maxAge(KEPT)
                .build();
        return ResponseEntity.ok()
                .header(HttpHeaders.SET_COOKIE, key.toString())
                .body(paired.screen());
    }

    @DeleteMapping("/screens/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID id) {
        screens.remove(id);
    }
}
