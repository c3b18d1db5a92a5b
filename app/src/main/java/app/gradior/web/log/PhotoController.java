package app.gradior.web.log;

import app.gradior.room.batch.Batches;
import app.gradior.room.batch.Photos;
import app.gradior.room.house.Kitchen;
import java.io.IOException;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** Photographs of a batch. */
@Controller
@RequestMapping("/log/{id}/photos")
class PhotoController {
    private final Photos photos;
    private final Batches batches;

    PhotoController(Photos photos, Batches batches) {
        this.photos = photos;
        this.batches = batches;
    }

    @PostMapping
    String add(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id, @RequestParam MultipartFile photo)
            throws IOException {
        batches.batch(kitchen.id(), id);
        photos.add(kitchen.id(), id, photo.getBytes());
        return "redirect:/log/" + id + "#photos";
    }

    @GetMapping("/{photo}")
    ResponseEntity<byte[]> one(
            @ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id, @PathVariable long photo) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(CacheControl.noCache().cachePrivate())
                .body(photos.image(kitchen.id(), id, photo));
    }

    @PostMapping("/{photo}/remove")
    String remove(@ModelAttribute("kitchen") Kitchen kitchen, @PathVariable long id, @PathVariable long photo) {
        photos.remove(kitchen.id(), id, photo);
        return "redirect:/log/" + id + "#photos";
    }
}
