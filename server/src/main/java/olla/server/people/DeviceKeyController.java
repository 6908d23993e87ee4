package olla.server.people;

import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Which devices may push readings from the network. */
@RestController
@RequestMapping("/api/device-keys")
class DeviceKeyController {

    private final DeviceKeys keys;

    DeviceKeyController(DeviceKeys keys) {
        this.keys = keys;
    }

    @GetMapping
    List<DeviceKeyView> all() {
        return keys.all();
    }

    /** A key for a device, shown this once. */
    @PutMapping("/{id}")
    DeviceKeyView give(@PathVariable UUID id, @RequestBody DeviceKeyInput input) {
        return keys.give(id, input);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void take(@PathVariable UUID id) {
        keys.take(id);
    }
}
