/// <reference types="astro/client" />
declare namespace App {
  interface Locals {
    teacher: { id: string; name: string } | null;
    student: import('./server/student-session').StudentActor | null;
  }
}
