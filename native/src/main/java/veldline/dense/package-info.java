/** Dense equations by a native library, for whoever puts this jar on the class path. */
package veldline.dense;
