package app.blenner.server.account;

import org.springframework.data.jpa.repository.JpaRepository;

interface SignInPolicyRepository extends JpaRepository<SignInPolicyEntity, Integer> {}
