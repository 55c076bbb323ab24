package dev.steelyard.web.shop.people;

import jakarta.persistence.EntityManager;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who works here. */
@Service
public class Staff implements UserDetailsService {

    private final EntityManager entities;
    private final PasswordEncoder passwords;

    Staff(EntityManager entities, PasswordEncoder passwords) {
        this.entities = entities;
        this.passwords = passwords;
    }

    @Override
    @Transactional(readOnly = true)
    public UserDetails loadUserByUsername(String signIn) {
        return entities.createQuery("select s from StoredStaff s where s.signIn = :signIn", StoredStaff.class)
                .setParameter("signIn", signIn)
                .getResultStream()
                .filter(StoredStaff::isThere)
                .filter(found -> found.signIn().equals(signIn)) // the database takes MAREN and mären for maren
                .findFirst()
                .map(StaffMember::new)
                .orElseThrow(() -> new UsernameNotFoundException("nobody signs in as that"));
    }

    /** A password as it is kept. */
    public String hash(String password) {
        return passwords.encode(password);
    }

    /** Adds someone whose password is hashed already. */
    @Transactional
    public void addHashed(long id, String signIn, String name, String hash) {
        entities.persist(new StoredStaff(id, signIn, name, hash));
    }

    /** Signs somebody in who has just said who they are: their session goes on under another name. */
    @Transactional(readOnly = true)
    public void signIn(String signIn, HttpServletRequest request, HttpServletResponse response) {
        UserDetails who = loadUserByUsername(signIn);
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(who, null, who.getAuthorities()));
        if (request.getSession(false) != null) {
            request.changeSessionId();
        }
        SecurityContextHolder.setContext(context);
        new HttpSessionSecurityContextRepository().saveContext(context, request, response);
    }

    /** Adds someone; the password is kept only as its hash. */
    @Transactional
    public void add(long id, String signIn, String name, String password) {
        addHashed(id, signIn, name, hash(password));
    }
}
