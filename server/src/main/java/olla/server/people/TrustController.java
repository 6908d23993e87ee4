package olla.server.people;

import io.swagger.v3.oas.annotations.Hidden;
import olla.server.web.Lan;
import olla.server.web.NotThere;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What a screen is told to trust, for whoever asks: it is no secret. */
@Hidden
@RestController
class TrustController {

    /* As systems know a file that they are to trust. */
    private static final MediaType CERTIFICATE = MediaType.parseMediaType("application/x-x509-ca-cert");

    private final Lan lan;

    TrustController(Lan lan) {
        this.lan = lan;
    }

    @GetMapping("/kitchen.crt")
    ResponseEntity<byte[]> authority() {
        byte[] der = lan.authority().orElseThrow(() -> new NotThere("not-there.certificate"));
        return ResponseEntity.ok()
                .contentType(CERTIFICATE)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"kitchen.crt\"")
                .body(der);
    }
}
