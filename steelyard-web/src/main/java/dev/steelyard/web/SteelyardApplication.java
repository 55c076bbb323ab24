package dev.steelyard.web;

import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.scheduling.annotation.EnableScheduling;

/** The application. Started by {@code launch.Launcher}, or by the tests. */
@SpringBootApplication
@EnableScheduling
public class SteelyardApplication {}
