package olla.server.photos;

import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The picture of a bake. */
@RestController
@RequestMapping("/api/bakes/{id}/photo")
class PhotoController {

    private final PhotoService photos;

    PhotoController(PhotoService photos) {
        this.photos = photos;
    }

    @PutMapping(consumes = {MediaType.IMAGE_JPEG_VALUE, MediaType.IMAGE_PNG_VALUE})
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keep(@PathVariable UUID id, @RequestBody byte[] file) {
        photos.keep(id, file);
    }

    @GetMapping(produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> show(@PathVariable UUID id) {
        return ResponseEntity.ok().cacheControl(CacheControl.noStore()).body(photos.show(id));
    }

    /** As small as a list shows it: no side longer than 240 pixels. */
    @GetMapping(path = "/small", produces = MediaType.IMAGE_JPEG_VALUE)
    ResponseEntity<byte[]> small(@PathVariable UUID id) {
        return ResponseEntity.ok().cacheControl(CacheControl.noStore()).body(photos.small(id));
    }

    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void drop(@PathVariable UUID id) {
        photos.drop(id);
    }
}
