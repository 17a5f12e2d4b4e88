/** What lies between the ends: distance, free space, Fresnel zones and the bounce off the ground. One effect a class. */
package veldline.path;
