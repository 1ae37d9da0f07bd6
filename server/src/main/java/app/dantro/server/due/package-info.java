/** What is due when: rechecks, planned run sheets, joints that drift out of their band, old batteries. Nothing is sent anywhere. */
package app.dantro.server.due;
