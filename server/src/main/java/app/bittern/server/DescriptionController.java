package app.bittern.server;

import app.bittern.server.account.Need;
import app.bittern.server.account.Needs;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ResponseBody;

/// The description of the API (OpenAPI 3.1), made from the controllers and held against them by a test.
@Controller
@Needs(Need.NOTHING)
class DescriptionController {
    @GetMapping(path = "/api/openapi.json", produces = MediaType.APPLICATION_JSON_VALUE)
    @ResponseBody
    Resource description() {
        return new ClassPathResource("openapi.json");
    }
}
