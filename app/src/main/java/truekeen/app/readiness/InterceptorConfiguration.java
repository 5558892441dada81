package truekeen.app.readiness;

import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Hangs the door. */
@Configuration
class InterceptorConfiguration implements WebMvcConfigurer {
    private final PoweredBladeInterceptor door;

    InterceptorConfiguration(PoweredBladeInterceptor door) {
        this.door = door;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(door);
    }
}
